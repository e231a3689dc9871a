import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import {
  type Colour,
  colourLetter,
  HOME_HOLD,
  type Move,
  opposite,
  paintedFromCube,
  randomCube,
  randomFrom,
  SIDES,
  stickersSeen,
  turnedOver,
  turnSeenInHold,
  writeMoves,
} from '@sleetcrest/core';
import { plan } from '@sleetcrest/core/learner/exercises';
import type { FirstGoal } from '@sleetcrest/core/puzzle/search';
import { smallSeed } from '../../base/work/chance';
import { LearningWork } from '../../subjects/practice/work';
import { Tiles } from '../../subjects/settings/parts/tiles';
import { Segments } from '../../ui/fields/segments';
import { Crown } from '../../ui/crown/crown';
import { TurnKeys } from '../../devices/keyboard/turn-keys';
import { Learning } from './learning';
import { Page } from '../../ui/page';
import { anew } from '../../base/state/anew';
import { undoable } from '../../base/undo/undoable';
import { Trouble } from '../../ui/trouble';
import { ticking } from '../../base/state/ticking';
import { SAY } from './words';

const GOALS: readonly { value: FirstGoal; name: string }[] = [
  { value: 'daisy', name: SAY.theDaisy },
  { value: 'cross', name: SAY.theCross },
  { value: 'cross-and-pair', name: SAY.crossAndFirstPair },
];
const LOOKS: readonly { value: string; name: string }[] = [
  { value: '15', name: SAY.seconds },
  { value: '30', name: SAY.seconds2 },
  { value: '', name: SAY.asLongAsILike },
];

/** A mixed cube to look at: plan the first steps, then tell the turns. */
@Component({
  selector: 'sc-plan-look',
  imports: [Crown, MatButton, Page, RouterLink, Segments, Tiles, Trouble, TurnKeys],
  template: `
    <sc-page [heading]="say.planTheFirstSteps">
      <a back matButton routerLink="/learn">{{ say.thePath }}</a>
      <ng-container ngProjectAs="[beside]">
        <sc-segments
          [label]="say.howFar"
          [options]="goals"
          [value]="goal()"
          (chosen)="aim($event)"
        />
        <sc-segments
          [label]="say.howLongToLook"
          [options]="looks"
          [value]="look()"
          (chosen)="allow($event)"
        />
      </ng-container>
      <div class="plan">
        <div>
          <sc-crown
            [label]="say.theCubeAsItIs"
            [stickers]="picture()"
            [letters]="learning.reader().letters"
          />
          <p class="quiet" role="timer">{{ clock() }}</p>
        </div>
        <section>
          @if (state().told; as told) {
            @if (result(); as came) {
              <p class="came" [class.good]="came.reached.done">{{ came.says }}</p>
              <p>
                {{
                  say.youLookedForSecondsAnd({
                    seconds: told.seconds.toFixed(1),
                    over: told.over ? 'yes' : 'no',
                    turns: told.turns,
                    turns2: came.best.length,
                  })
                }}
              </p>
              <sc-tiles [turns]="came.bestText" />
              <h2>{{ say.whichFirstColourWouldHave }}</h2>
              <ul class="colours">
                @for (one of came.colours; track one.colour) {
                  <li [class.least]="one.least" [class.own]="one.own">
                    <span
                      class="swatch"
                      [style.background]="'var(--sticker-' + one.colour + ')'"
                      [style.color]="'var(--on-sticker-' + one.colour + ')'"
                      >{{ learning.reader().letters ? letterOf(one.colour) : '' }}</span
                    >
                    {{
                      say.ofColour({
                        own: one.own ? 'yes' : 'no',
                        colour: one.colour,
                        turns: one.turns,
                      })
                    }}
                  </li>
                }
              </ul>
            } @else if (trouble(); as sentence) {
              <sc-trouble [of]="sentence" />
            } @else {
              <p class="quiet">{{ say.workingOutTheFewest }}</p>
            }
            <p>
              <button matButton="filled" (click)="another()">{{ say.anotherCube }}</button>
            </p>
          } @else {
            <p>
              {{ say.beginWithLookPlanThe({ firstColour: learning.reader().firstColour }) }}
            </p>
            <div class="told" role="group" [attr.aria-label]="say.turnsTold">
              @if (moves.canUndo()) {
                <sc-tiles [turns]="text()" />
              } @else {
                <p class="quiet">{{ say.noTurnToldYet }}</p>
              }
            </div>
            <sc-turn-keys [dialect]="learning.reader().dialect" (told)="tell($event.turn)" />
            <p class="go">
              <button matButton [disabled]="!moves.canUndo()" (click)="moves.undo()">
                {{ say.takeOneBack }}
              </button>
              <button matButton="filled" (click)="done($event.timeStamp)">
                {{ say.thatIsMyPlan }}
              </button>
            </p>
          }
        </section>
      </div>
    </sc-page>
  `,
  styleUrls: ['./page.scss', './plan-look.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlanLook {
  protected readonly say = SAY;
  protected readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);
  protected readonly letterOf = colourLetter;
  protected readonly goals = GOALS;
  protected readonly looks = LOOKS;
  protected readonly goal = signal<FirstGoal>('cross');
  protected readonly look = signal('15');
  private readonly seed = signal(smallSeed());
  private readonly now = ticking(250, {
    now: () => performance.now(),
    runs: () => this.state().told === null,
  });

  /** Held as the approach to it is: a daisy and a cross below with the first colour down. */
  private readonly hold = computed(() => {
    const first = this.learning.first();
    const up = this.learning.approaches()[0]?.up === 'first' ? first : opposite(first);
    return turnedOver(HOME_HOLD, up);
  });
  /** What is asked: another cube, hold, goal or time to look is another question. */
  private readonly question = computed(() => ({
    cube: randomCube(randomFrom(this.seed())),
    hold: this.hold(),
    goal: this.goal(),
    allowed: this.look() === '' ? null : Number(this.look()),
  }));
  protected readonly state = anew(this.question, ({ cube, hold, allowed }) =>
    plan.looking(cube, hold, allowed, performance.now()),
  );
  protected readonly moves = undoable(this.question, (): readonly Move[] => []);
  protected readonly result = anew(this.question, (): Came | null => null);
  protected readonly trouble = anew(this.question, (): string | null => null);
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(this.state().cube), this.learning.scheme(), this.state().hold),
  );
  protected readonly text = computed(() => writeMoves(this.moves.now()));
  protected readonly clock = computed(() => {
    const { told, shownAt, allowed } = this.state();
    if (told) return '';
    const seconds = Math.max(0, (this.now() - shownAt) / 1000);
    if (allowed === null) return SAY.lookingForSeconds({ seconds: Math.floor(seconds) });
    const left = Math.ceil(allowed - seconds);
    return left > 0 ? SAY.secondsToLook({ seconds: left }) : SAY.theLookIsOverTell;
  });

  protected aim(goal: FirstGoal): void {
    this.goal.set(goal);
    this.another();
  }

  protected allow(look: string): void {
    this.look.set(look);
    this.another();
  }

  protected another(): void {
    this.seed.set(smallSeed());
  }

  protected tell(move: Move): void {
    this.moves.set([...this.moves.now(), move]);
  }

  protected async done(at: number): Promise<void> {
    const state = plan.planned(this.state(), this.moves.now(), at);
    this.state.set(state);
    const { told, cube, hold } = state;
    if (!told) return;
    const [goal, first, scheme] = [this.goal(), this.learning.first(), this.learning.scheme()];
    try {
      const { reached, fewest } = await this.work.firstSteps(goal, cube, told.cube, first);
      if (this.state() !== state) return;
      const best = fewest[first]!;
      const least = Math.min(...fewest.map(({ length }) => length));
      this.result.set({
        reached,
        best,
        says: saidOf(goal, reached),
        bestText: writeMoves(best.map((turn) => turnSeenInHold(hold, turn))),
        colours: SIDES.map((side) => ({
          colour: scheme[side]!,
          turns: fewest[side]!.length,
          own: side === first,
          least: fewest[side]!.length === least,
        })),
      });
    } catch (error) {
      this.trouble.set((error as Error).message);
    }
  }
}

type Reached = Awaited<ReturnType<LearningWork['firstSteps']>>['reached'];

interface Came {
  readonly reached: Reached;
  readonly best: readonly Move[];
  readonly bestText: string;
  readonly says: string;
  readonly colours: readonly { colour: Colour; turns: number; own: boolean; least: boolean }[];
}

function saidOf(goal: FirstGoal, { edges, pairs, done }: Reached): string {
  if (done) return SAY.itGetsThere;
  return SAY.itGets({ goal, edges, pairs });
}
