import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Stage } from '@sleetcrest/core';
import { STANDINGS, STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import type { MatrixColumn, MatrixRow } from '@sleetcrest/contract/table';
import { RISE, risePath } from '../../../ui/standing/rises';

/** A stage of the matrix: its columns by number, and how wide they are together. */
export interface Span {
  readonly stage: Stage;
  readonly title: string;
  readonly columns: readonly number[];
  readonly width: number;
}

/** Pixels beside the cells of a stage: the line before it, and the room on both sides. */
const EDGE = 5;
const AFTER = 4;

/** The ridge of one learner: a rise for each case, drawn as one picture, with a cell over each. */
@Component({
  selector: 'sc-row-ridge',
  template: `
    <svg [attr.width]="width()" [attr.height]="height" aria-hidden="true">
      @for (one of drawn(); track one.standing) {
        <path [class]="one.standing" [attr.d]="one.path" />
      }
    </svg>
    @for (span of spans(); track span.stage) {
      <span class="cells" [style.width.px]="span.width">
        @for (column of span.columns; track column) {
          <span
            role="cell"
            [class.here]="column === looked()"
            [attr.data-column]="column"
            [attr.aria-label]="words()[column]"
            [title]="words()[column]"
          ></span>
        }
      </span>
    }
  `,
  styleUrls: ['../../../ui/standing/rises.scss', './row-ridge.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RowRidge {
  readonly row = input.required<MatrixRow>();
  readonly columns = input.required<readonly MatrixColumn[]>();
  readonly spans = input.required<readonly Span[]>();
  /** The column that is looked at, if this row is. */
  readonly looked = input<number>();

  protected readonly height = RISE.height;
  protected readonly width = computed(() =>
    this.spans().reduce((sum, { width }) => sum + width, 0),
  );
  protected readonly words = computed(() => {
    const { cases } = this.row();
    return this.columns().map(({ title }, k) => `${title}: ${STANDING_WORDS[cases[k]!.standing]}`);
  });
  /** One outline for each standing: hundreds of drawings of their own would make scrolling halt. */
  protected readonly drawn = computed(() => {
    const { cases } = this.row();
    const paths = new Map(STANDINGS.map((standing) => [standing, '']));
    let left = 0;
    for (const { columns, width } of this.spans()) {
      const each = (width - EDGE - AFTER) / columns.length;
      for (const [k, column] of columns.entries()) {
        const { standing } = cases[column]!;
        const at = Math.round(left + EDGE + (k + 0.5) * each - RISE.width / 2);
        paths.set(standing, paths.get(standing)! + risePath(standing, at));
      }
      left += width;
    }
    return STANDINGS.map((standing) => ({ standing, path: paths.get(standing)! }));
  });
}
