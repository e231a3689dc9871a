import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  countTurns,
  type Hold,
  holdAfter,
  HOME_HOLD,
  isWholeCube,
  readMoves,
  type Turn,
} from '@sleetcrest/core';
import { turn as drill } from '@sleetcrest/core/learner/exercises';
import { LearningWork } from '../../../subjects/practice/work';
import { TurnTile } from '../../../ui/tiles/turn-tile';
import { reading } from '../../../base/reading/reading';
import { Learning, type Answered } from '../learning';
import { Turning, type Turned } from './turning';
import { anew } from '../../../base/state/anew';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** A sequence to be done from memory, by buttons, letters or the connected cube. */
@Component({
  selector: 'sc-turn-card',
  imports: [Sentence, SentenceSlot, CaseName, MatButton, Turning, TurnTile],
  template: `
    <section class="drill">
      <h2>{{ say.turnFromMemory }}</h2>
      <p class="what">
        {{ say.theTurnsFor }}
        @for (id of cases(); track id) {
          <sc-case-name [case]="id" />
        }
      </p>
      <ol class="done" [attr.aria-label]="say.turnsDone">
        @for (move of done(); track $index) {
          <li><sc-turn-tile [move]="move" [dialect]="dialect()" state="done" /></li>
        }
        @if (wrong(); as slipped) {
          <li><sc-turn-tile [move]="slipped.did" [dialect]="dialect()" state="slipped" /></li>
        }
        @if (done().length === 0 && !wrong()) {
          <li class="none">{{ say.nothingTurnedYetTurnsIn({ total: total() }) }}</li>
        }
      </ol>
      <div aria-live="polite">
        @if (ended()?.right) {
          <p class="good">{{ say.rightInSeconds({ seconds: ended()!.seconds.toFixed(2) }) }}</p>
        }
        @if (told(); as slip) {
          <p class="bad">{{ slip.says }}</p>
          <p>
            <sc-sentence [of]="say.theWayBack">
              <sc-turn-tile *scSlot="'tile'" [move]="slip.back" [dialect]="dialect()" state="now" />
            </sc-sentence>
          </p>
        }
        @if (wrong()) {
          <p>{{ say.itGoes }}</p>
          <ol class="done" [attr.aria-label]="say.theSequence">
            @for (move of moves(); track $index) {
              <li>
                <sc-turn-tile
                  [move]="move"
                  [dialect]="dialect()"
                  [state]="$index === state().done ? 'missed' : 'ahead'"
                />
              </li>
            }
          </ol>
        }
      </div>
      @if (!ended()) {
        <sc-turning [hold]="hold" [follows]="say.thisPageFollows" (turned)="turned($event)">
          <button matButton (click)="giveUp($event.timeStamp)">{{ say.iDoNotKnowIt }}</button>
        </sc-turning>
      }
    </section>
  `,
  styleUrl: './cards.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnCard {
  protected readonly say = SAY;
  /** The sequence, in the prime dialect. */
  readonly sequence = input.required<string>();
  /** What it is for. */
  readonly cases = input.required<readonly string[]>();
  readonly answered = output<Answered>();

  protected readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);
  protected readonly dialect = computed(() => this.learning.reader().dialect);
  protected readonly moves = computed(() => {
    const read = readMoves(this.sequence());
    return read.ok ? read.value : [];
  });
  protected readonly total = computed(() => countTurns(this.moves()));
  protected readonly state = anew(this.moves, (moves) => drill.asked(moves, performance.now()));
  protected readonly ended = computed(() => this.state().ended);
  protected readonly done = computed(() => this.moves().slice(0, this.state().done));
  protected readonly wrong = computed(() => {
    const end = this.state().ended;
    return end && !end.right ? end : null;
  });
  private readonly explaining = reading(
    () => {
      const wrong = this.wrong();
      // Who did not know it turned nothing.
      if (!wrong || wrong.did === wrong.meant) return undefined;
      return { moves: this.moves(), done: this.state().done, did: wrong.did };
    },
    ({ moves, done, did }) =>
      this.work.wrongTurn(moves, done, did, HOME_HOLD, this.learning.scheme()),
    { whenAnother: 'drop' },
  );
  /** What that turn was, once it is found. */
  protected readonly told = computed(() => this.explaining.value() ?? null);
  /** The hold of the moment: a sequence may turn the whole cube. */
  protected readonly hold = computed((): Hold => this.done().reduce(holdAfter, HOME_HOLD));

  protected turned({ turn, at, by }: Turned): void {
    const before = this.state();
    if (before.ended) return;
    const state = drill.turned(before, turn, at);
    this.state.set(state);
    if (!state.ended) return;
    this.tell(state.ended.right, state.ended.seconds, by);
  }

  /** Not to know it is an answer too: the sequence is shown. */
  protected giveUp(at: number): void {
    const first = this.moves().find((move): move is Turn => !isWholeCube(move));
    if (first === undefined || this.state().ended) return;
    const seconds = Math.max(0, Math.round((at - this.state().shownAt) / 10) / 100);
    this.state.update((state) => ({
      ...state,
      ended: { right: false, seconds, did: first, meant: first },
    }));
    this.tell(false, seconds, 'touch');
  }

  private tell(right: boolean, seconds: number, by: Answered['by']): void {
    this.answered.emit({ right, seconds, answer: '', turns: this.total(), by });
  }
}
