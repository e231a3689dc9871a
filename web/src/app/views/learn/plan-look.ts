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
import { counted } from '../../base/words/counted';
import { Learning } from './learning';
import { Page } from '../../ui/page';
import { anew } from '../../base/state/anew';
import { undoable } from '../../base/undo/undoable';
import { Trouble } from '../../ui/trouble';
import { ticking } from '../../base/state/ticking';

const GOALS: readonly { value: FirstGoal; name: string }[] = [
  { value: 'daisy', name: 'The daisy' },
  { value: 'cross', name: 'The cross' },
  { value: 'cross-and-pair', name: 'Cross and first pair' },
];
const LOOKS: readonly { value: string; name: string }[] = [
  { value: '15', name: '15 seconds' },
  { value: '30', name: '30 seconds' },
  { value: '', name: 'As long as I like' },
];

/** A mixed cube to look at: plan the first steps, then tell the turns. */
@Component({
  selector: 'sc-plan-look',
  imports: [Crown, MatButton, Page, RouterLink, Segments, Tiles, Trouble, TurnKeys],
  template: `
    <sc-page heading="Plan the first steps">
      <a back matButton routerLink="/learn">The path</a>
      <ng-container ngProjectAs="[beside]">
        <sc-segments label="How far" [options]="goals" [value]="goal()" (chosen)="aim($event)" />
        <sc-segments
          label="How long to look"
          [options]="looks"
          [value]="look()"
          (chosen)="allow($event)"
        />
      </ng-container>
      <div class="plan">
        <div>
          <sc-crown
            label="The cube as it is held"
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
                You looked for {{ told.seconds.toFixed(1) }} seconds{{
                  told.over ? ', longer than you meant to' : ''
                }}, and told {{ counted(told.turns, 'turn') }}. The fewest there are:
                {{ counted(came.best.length, 'turn') }}.
              </p>
              <sc-tiles [turns]="came.bestText" />
              <h2>Which first colour would have been easiest</h2>
              <ul class="colours">
                @for (one of came.colours; track one.colour) {
                  <li [class.least]="one.least" [class.own]="one.own">
                    <span
                      class="swatch"
                      [style.background]="'var(--sticker-' + one.colour + ')'"
                      [style.color]="'var(--on-sticker-' + one.colour + ')'"
                      >{{ learning.reader().letters ? letterOf(one.colour) : '' }}</span
                    >
                    {{ one.colour }}{{ one.own ? ' (yours)' : '' }}:
                    {{ counted(one.turns, 'turn') }}
                  </li>
                }
              </ul>
            } @else if (trouble(); as sentence) {
              <sc-trouble [of]="sentence" />
            } @else {
              <p class="quiet">Working out the fewest …</p>
            }
            <p><button matButton="filled" (click)="another()">Another cube</button></p>
          } @else {
            <p>
              Begin with {{ learning.reader().firstColour }}. Look, plan the turns in your head,
              then tell them. The cube on the screen stays as it is.
            </p>
            <div class="told" role="group" aria-label="Turns told">
              @if (moves.canUndo()) {
                <sc-tiles [turns]="text()" />
              } @else {
                <p class="quiet">No turn told yet.</p>
              }
            </div>
            <sc-turn-keys [dialect]="learning.reader().dialect" (told)="tell($event.turn)" />
            <p class="go">
              <button matButton [disabled]="!moves.canUndo()" (click)="moves.undo()">
                Take one back
              </button>
              <button matButton="filled" (click)="done($event.timeStamp)">That is my plan</button>
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
  protected readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);
  protected readonly counted = counted;
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
    if (allowed === null) return `looking for ${Math.floor(seconds)} seconds`;
    const left = Math.ceil(allowed - seconds);
    return left > 0 ? `${counted(left, 'second')} to look` : 'the look is over: tell what you have';
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
  if (done) return 'It gets there.';
  const what = goal === 'daisy' ? 'in the daisy' : 'in place';
  const pair =
    goal === 'cross-and-pair' ? `, and ${pairs === 0 ? 'no pair' : counted(pairs, 'pair')}` : '';
  return `It gets ${edges} of 4 edges ${what}${pair}.`;
}
