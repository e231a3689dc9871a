import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Cube, type Hold, paintedFromCube, stickersSeen } from '@sleetcrest/core';
import { stickerCalled } from '@sleetcrest/core/engine/run';
import { lookSaid } from '@sleetcrest/core/insight/glance';
import { see } from '@sleetcrest/core/learner/exercises';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { LearningWork, type LookedAt } from '../../../subjects/practice/work';
import { listensTo } from '../../../base/keys/keyboard';
import { CHOICE_KEYS } from '../learn.keys';
import { Crown } from '../../../ui/crown/crown';
import { Learning, type Answered } from '../learning';
import { anew } from '../../../base/state/anew';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** The stickers that decide, and how many cases they rule out. */
interface Looks {
  readonly looked: readonly LookedAt[];
  readonly rulesOut: number;
}

/** A cube on which a case waits: which is it? */
@Component({
  selector: 'sc-see-card',
  imports: [Sentence, SentenceSlot, CaseName, Crown, MatButton],
  template: `
    <div class="card">
      <sc-crown
        [label]="say.theCubeAsItIs"
        [stickers]="picture()"
        [letters]="learning.reader().letters"
        [marked]="marked()"
      />
      <section>
        <h2>{{ question().asks === 'way' ? say.whichWay : say.whichCaseIsThis }}</h2>
        <div aria-live="polite">
          @if (given(); as answer) {
            @if (answer.right) {
              <p class="good">{{ say.yesInSeconds({ seconds: answer.seconds.toFixed(2) }) }}</p>
            } @else {
              <p class="bad">
                <sc-sentence [of]="say.noItIs">
                  <sc-case-name *scSlot="'case'" [case]="question().case" />
                </sc-sentence>
              </p>
            }
          } @else {
            <p class="quiet">
              <sc-sentence [of]="say.lookFirstThenTouchIt">
                <span *scSlot="'more'" class="keys-only"> {{ say.orPressItsNumber }}</span>
              </sc-sentence>
            </p>
          }
        </div>
        <ol class="choices" [attr.aria-label]="say.answers">
          @for (one of choices(); track one.id) {
            <li [class.aside]="given() && !one.right && given()!.choice !== one.id">
              <button
                matButton="outlined"
                [class.right]="given() && one.right"
                [class.wrong]="given()?.choice === one.id && !given()!.right"
                [disabled]="given() !== null && !one.right && given()!.choice !== one.id"
                (click)="choose(one.id, $event.timeStamp, touched($event))"
              >
                <kbd class="keys-only">{{ $index + 1 }}</kbd>
                <sc-case-name [case]="one.id" />
              </button>
            </li>
          }
        </ol>
        <div aria-live="polite">
          @if (given(); as answer) {
            @if (looks(); as told) {
              <p>{{ say.howYouCanTell }}</p>
              <ol class="looks">
                @for (one of told.looked; track $index) {
                  <li [class.out]="$index === told.rulesOut && !answer.right">
                    {{ said(one) }}
                    @if ($index === told.rulesOut && !answer.right) {
                      <b
                        ><sc-sentence [of]="say.soItIsNot">
                          <sc-case-name *scSlot="'case'" [case]="answer.choice" /> </sc-sentence
                      ></b>
                    }
                  </li>
                }
              </ol>
            }
          }
        </div>
      </section>
    </div>
  `,
  styleUrl: './cards.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SeeCard {
  protected readonly say = SAY;
  readonly approach = input.required<Approach>();
  readonly case = input.required<string>();
  readonly cube = input.required<Cube>();
  readonly hold = input.required<Hold>();
  /** Answers that are right: the case, and others that are as good there. */
  readonly good = input.required<readonly string[]>();
  readonly answered = output<Answered>();

  protected readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);
  protected readonly question = computed(() =>
    see.seeQuestion(this.approach(), this.case(), this.good()),
  );
  /** What is shown: the same question on another cube is another. */
  private readonly asked = computed(() => ({ question: this.question(), of: this.picture() }));
  private readonly state = anew(this.asked, (): see.SeeState | null => null);
  protected readonly looks = anew(this.asked, (): Looks | null => null);
  protected readonly given = computed(() => this.state()?.answered ?? null);
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(this.cube()), this.learning.scheme(), this.hold()),
  );
  protected readonly choices = computed(() =>
    this.question().choices.map((id) => ({
      id,
      right: this.question().right.includes(id),
    })),
  );
  /** Once it is answered: the stickers that tell. */
  protected readonly marked = computed(
    () =>
      new Set(
        (this.looks()?.looked ?? []).flatMap(({ look }) =>
          'sticker' in look ? [stickerCalled(look.sticker)!] : [],
        ),
      ),
  );

  constructor() {
    listensTo(CHOICE_KEYS, { choose: (event) => this.chooseByKey(event) });
    effect((onCleanup) => {
      const { question } = this.asked();
      // The time runs from the picture being drawn: after the frame that draws it.
      let frame = requestAnimationFrame(() => {
        frame = requestAnimationFrame((now) => this.state.set(see.shown(question, now)));
      });
      onCleanup(() => cancelAnimationFrame(frame));
    });
  }

  protected said(one: LookedAt): string {
    return lookSaid(one, this.learning.scheme(), this.learning.first(), this.hold());
  }

  protected touched(event: MouseEvent): Answered['by'] {
    return event.detail === 0 ? 'keys' : 'touch';
  }

  protected choose(choice: string, at: number, by: Answered['by']): void {
    const before = this.state();
    if (!before || before.answered) return;
    const state = see.chosen(before, choice, at);
    if (!state.answered) return;
    this.state.set(state);
    const { right, seconds } = state.answered;
    this.answered.emit({ right, seconds, answer: right ? '' : choice, turns: 0, by });
    void this.tell(choice);
  }

  /** What was to be looked at: a help, so none where it cannot be had. */
  private async tell(choice: string): Promise<void> {
    const cube = this.cube();
    const told = await this.work
      .apart(this.approach(), cube, this.hold(), choice)
      .catch(() => null);
    if (cube === this.cube()) this.looks.set(told);
  }

  private chooseByKey(event: KeyboardEvent): boolean {
    const choice = this.question().choices[Number(event.key) - 1];
    if (choice === undefined || this.given()) return false;
    this.choose(choice, event.timeStamp, 'keys');
    return true;
  }
}
