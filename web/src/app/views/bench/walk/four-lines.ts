import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { writeMove, type Dialect, type Hold } from '@sleetcrest/core';
import type { StepFrame } from '../../../keeping/walk/timeline';

/** The four lines of a step, always in this order: look, hold, turn, why. */
@Component({
  selector: 'sc-four-lines',
  template: `
    <dl>
      <div>
        <dt>Look</dt>
        <dd>{{ frame().step.look }}</dd>
      </div>
      <div [class.news]="newHold()">
        <dt>Hold</dt>
        <dd>
          <b>{{ frame().step.hold.up }}</b> up, <b>{{ frame().step.hold.front }}</b> in front{{
            newHold() ? ': turn the cube in your hands first' : ', as before'
          }}.
        </dd>
      </div>
      <div>
        <dt>Turn</dt>
        <dd [class.mono]="dialect() !== 'words'">
          @if (lineUp().length > 0) {
            <span class="part">
              <span class="tag">line up</span>
              @for (turn of lineUp(); track $index) {
                <span class="turn">{{ turn }}</span>
              }
            </span>
          }
          @if (sequence().length > 0) {
            <span class="part">
              @if (times() > 1) {
                <span class="tag">{{ times() }} times</span>
              }
              @for (turn of sequence(); track $index) {
                <span class="turn">{{ turn }}</span>
              }
            </span>
          }
        </dd>
      </div>
      <div>
        <dt>Why</dt>
        <dd>{{ frame().step.why }}</dd>
      </div>
    </dl>
  `,
  styleUrl: './four-lines.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FourLines {
  readonly frame = input.required<StepFrame>();
  readonly dialect = input.required<Dialect>();
  /** How the cube was held at the end of the step before. */
  readonly holdBefore = input.required<Hold>();

  protected readonly newHold = computed(() => this.holdBefore() !== this.frame().hold);
  protected readonly lineUp = computed(() => {
    const { moves, lineUpCount } = this.frame();
    return moves.slice(0, lineUpCount).map((move) => writeMove(move, this.dialect()));
  });
  protected readonly times = computed(() => {
    const { moves, lineUpCount, round } = this.frame();
    return round > 0 ? (moves.length - lineUpCount) / round : 1;
  });
  /** One round of the sequence. */
  protected readonly sequence = computed(() => {
    const { moves, lineUpCount, round } = this.frame();
    const once = moves.slice(lineUpCount, round > 0 ? lineUpCount + round : undefined);
    return once.map((move) => writeMove(move, this.dialect()));
  });
}
