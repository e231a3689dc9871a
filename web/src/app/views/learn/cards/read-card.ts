import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { randomFrom, type Turn, writeMove } from '@sleetcrest/core';
import { read } from '@sleetcrest/core/learner/exercises';
import { listensTo } from '../../../base/keys/keyboard';
import { CHOICE_KEYS } from '../learn.keys';
import { Learning, type Answered } from '../learning';
import { anew } from '../../../base/state/anew';
import { SAY } from './words';

/** Which way does this letter go? */
@Component({
  selector: 'sc-read-card',
  imports: [MatButton],
  template: `
    <section class="drill">
      <h2>{{ say.whichWayDoesThisLetter }}</h2>
      <p class="letter mono">{{ letter() }}</p>
      <ol class="choices" [attr.aria-label]="say.answers">
        @for (choice of choices(); track choice) {
          <li>
            <button
              matButton="outlined"
              [class.right]="given() !== null && choice === turn()"
              [class.wrong]="given() === choice && choice !== turn()"
              (click)="choose(choice, $event.timeStamp, $event.detail === 0 ? 'keys' : 'touch')"
            >
              <kbd>{{ $index + 1 }}</kbd>
              {{ says(choice) }}
            </button>
          </li>
        }
      </ol>
      <p aria-live="polite">
        @if (given() !== null) {
          @if (given() === turn()) {
            <span class="good">{{ say.yes }}</span>
          } @else {
            <span class="bad">{{ say.noIsThe({ letter: letter(), turn: says(turn()) }) }}</span>
          }
          {{ say.imagineAClockOnThat }}
        }
      </p>
    </section>
  `,
  styleUrl: './cards.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadCard {
  protected readonly say = SAY;
  readonly turn = input.required<Turn>();
  /** Another order of the answers for each. */
  readonly seed = input.required<number>();
  readonly answered = output<Answered>();

  private readonly learning = inject(Learning);
  private readonly asked = computed(() => ({ turn: this.turn(), seed: this.seed() }));
  private readonly state = anew(this.asked, () => ({
    shownAt: performance.now(),
    given: null as Turn | null,
  }));
  protected readonly given = computed(() => this.state().given);
  protected readonly choices = computed(
    () => read.readQuestion(this.turn(), randomFrom(this.seed())).choices,
  );
  protected readonly letter = computed(() => {
    const { dialect } = this.learning.reader();
    // Who reads words learns what the letters mean all the same.
    return writeMove(this.turn(), dialect === 'words' ? 'prime' : dialect);
  });

  constructor() {
    listensTo(CHOICE_KEYS, { choose: (event) => this.chooseByKey(event) });
  }

  protected says(turn: Turn): string {
    return writeMove(turn, 'words');
  }

  protected choose(choice: Turn, at: number, by: Answered['by']): void {
    const { shownAt, given } = this.state();
    if (given !== null) return;
    this.state.set({ shownAt, given: choice });
    const right = choice === this.turn();
    const seconds = Math.max(0, Math.round((at - shownAt) / 10) / 100);
    const answer = right ? '' : writeMove(choice, 'prime');
    this.answered.emit({ right, seconds, answer, turns: 0, by });
  }

  private chooseByKey(event: KeyboardEvent): boolean {
    const choice = this.choices()[Number(event.key) - 1];
    if (choice === undefined || this.given() !== null) return false;
    this.choose(choice, event.timeStamp, 'keys');
    return true;
  }
}
