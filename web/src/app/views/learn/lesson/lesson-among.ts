import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { reading } from '../../../base/reading/reading';
import { smallSeed } from '../../../base/work/chance';
import { LearningWork } from '../../../subjects/practice/work';
import { Trouble } from '../../../ui/trouble';
import { SeeCard } from '../cards/see-card';
import { Learning, type Answered } from '../learning';
import { listensTo } from '../../../base/keys/keyboard';
import { isFreeOfButtons } from '../../../base/keys/keys';
import { PRACTICE_KEYS } from '../learn.keys';
import { SAY } from './words';

/** So many cubes are asked about. */
const AMONG = 4;

/** A case found among others: cubes with it, and with other cases of its approach. */
@Component({
  selector: 'sc-lesson-among',
  imports: [MatButton, MatProgressBar, SeeCard, Trouble],
  template: `
    <sc-trouble [of]="cube.trouble()" [again]="say.tryAgain" (asked)="cube.again()" />
    @if (cube.value(); as other) {
      <p class="quiet">{{ say.cubeOfThisCaseOr({ asked: asked() + 1, among }) }}</p>
      <sc-see-card
        [approach]="approach()"
        [case]="other.case"
        [cube]="other.shown.cube"
        [hold]="other.shown.hold"
        [good]="other.shown.good"
        (answered)="chose(other.case, $event)"
      />
      @if (answered()) {
        <p>
          <button #onward matButton="filled" (click)="next()">
            {{ asked() + 1 < among ? say.nextCube : say.finishLesson }}
          </button>
        </p>
      }
    } @else if (!cube.trouble()) {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.makingACubeReady" />
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LessonAmong {
  protected readonly say = SAY;
  readonly approach = input.required<Approach>();
  readonly case = input.required<string>();
  readonly over = output();

  private readonly learning = inject(Learning);
  private readonly making = inject(LearningWork);
  protected readonly among = AMONG;
  protected readonly asked = signal(0);
  /** A cube with this case, or another of the same approach; this one at least twice. */
  protected readonly cube = reading(
    () => ({ approach: this.approach(), case: this.case(), asked: this.asked() }),
    async (question) => {
      const id = this.drawn(question.approach, question.case, question.asked);
      const { learning } = this;
      const seed = smallSeed();
      const shown = await this.making.show(id, learning.method(), learning.first(), seed);
      return { case: id, shown };
    },
    { whenAnother: 'drop' },
  );
  protected readonly answered = linkedSignal({
    source: this.cube.value,
    computation: () => false,
  });

  private drawn(approach: Approach, own: string, asked: number): string {
    const skipped = this.learning.skipped();
    const others = approach.cases
      .map(({ id }) => id)
      .filter((id) => id !== own && !skipped.has(id));
    const isOwn = asked % 2 === 0 || others.length === 0;
    return isOwn ? own : others[smallSeed() % others.length]!;
  }

  private readonly onward = viewChild<string, ElementRef<HTMLElement>>('onward', {
    read: ElementRef,
  });

  constructor() {
    const next = (): unknown => this.answered() && this.next();
    listensTo(PRACTICE_KEYS, { next }, { isMeant: isFreeOfButtons });
    // Enter goes on, also where the answer was touched and would else keep the focus.
    afterRenderEffect(() => this.onward()?.nativeElement.focus({ preventScroll: true }));
  }

  protected chose(item: string, given: Answered): void {
    this.answered.set(true);
    void this.learning.answer({ kind: 'see', item }, given);
  }

  protected next(): void {
    if (this.asked() + 1 < AMONG) this.asked.update((asked) => asked + 1);
    else this.over.emit();
  }
}
