import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Dialect, writeMove } from '@sleetcrest/core';
import type { StepFrame } from '../../../subjects/walk';
import { SAY } from './words';

/**
 * The lines of a step, always in this order: find, hold (only where it changes), look, turn, why.
 * What is to be read now is marked: no place is told in a hold the reader does not have yet.
 */
@Component({
  selector: 'sc-step-lines',
  template: `
    <dl>
      @if (frame().step.find) {
        <div [class.now]="finding()">
          <dt>{{ say.find }}</dt>
          <dd>{{ frame().step.find }}</dd>
        </div>
      }
      @if (frame().holdLine; as line) {
        <div [class.now]="finding()">
          <dt>{{ say.hold }}</dt>
          <dd>{{ line }}</dd>
        </div>
      }
      <div [class.now]="looking()">
        <dt>{{ say.look }}</dt>
        <dd>{{ frame().step.look }}</dd>
      </div>
      <div>
        <dt>{{ say.turn }}</dt>
        <dd [class.mono]="dialect() !== 'words'">
          @if (lineUp().length > 0) {
            <span class="part">
              <span class="tag">{{ say.lineUp }}</span>
              @for (turn of lineUp(); track $index) {
                <span class="turn">{{ turn }}</span>
              }
            </span>
          }
          @if (sequence().length > 0) {
            <span class="part">
              @if (times() > 1) {
                <span class="tag">{{ say.times({ times: times() }) }}</span>
              }
              @for (turn of sequence(); track $index) {
                <span class="turn">{{ turn }}</span>
              }
            </span>
          }
        </dd>
      </div>
      <div>
        <dt>{{ say.why }}</dt>
        <dd>{{ frame().step.why }}</dd>
      </div>
    </dl>
  `,
  styleUrl: './step-lines.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StepLines {
  protected readonly say = SAY;
  readonly frame = input.required<StepFrame>();
  readonly dialect = input.required<Dialect>();
  /** How many of the step's moves are done. */
  readonly done = input.required<number>();

  private readonly begun = computed(() => this.frame().holdCount + this.frame().lineUpCount);
  protected readonly finding = computed(() => this.done() < this.frame().holdCount);
  protected readonly looking = computed(() => !this.finding() && this.done() <= this.begun());
  protected readonly lineUp = computed(() => this.written(this.frame().holdCount, this.begun()));
  protected readonly times = computed(() => {
    const { moves, round } = this.frame();
    return round > 0 ? (moves.length - this.begun()) / round : 1;
  });
  /** One round of the sequence. */
  protected readonly sequence = computed(() => {
    const { round } = this.frame();
    return this.written(this.begun(), round > 0 ? this.begun() + round : undefined);
  });

  private written(from: number, to: number | undefined): string[] {
    return this.frame()
      .moves.slice(from, to)
      .map((move) => writeMove(move, this.dialect()));
  }
}
