import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  Injector,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { type MatrixRow, matrixTable } from '@sleetcrest/contract/table';
import { STANDINGS } from '@sleetcrest/core/learner/standing';
import { saveText } from '../../../base/files/save-file';
import { unparse } from 'papaparse';
import { today } from '../../../base/words/days';
import { Choice } from '../../../ui/fields/choice';
import { STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import { StandingRise } from '../../../ui/standing/standing-rise';
import { clockText } from '../../../base/words/clock-text';
import { reading } from '../../../base/reading/reading';
import { TableApi, GroupStore, GroupTitles } from '../../../subjects/group';
import { inOrder, type Order } from './matrix-order';
import { RowRidge, type Span } from './row-ridge';
import { Trouble } from '../../../ui/trouble';
import { deedOf } from '../../../base/keys/key-scope';
import { MATRIX_KEYS } from './matrix.keys';
import { RestsOn, type LookedAt } from './rests-on';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';

/** Pixels: a rise and the room about it, what a heading needs, and what there is on a desk. */
const LEAST_CELL = 17;
const MOST_CELL = 30;
const LEAST_STAGE = 62;
const ROOM = 780;

/** A cell that is looked at: a learner and a column; the column −1 for the whole learner. */
interface Looked {
  row: string;
  column: number;
}

/** How far each learner is with each case: a ridge for everyone, and what it rests on one click away. */
@Component({
  selector: 'sc-matrix-view',
  imports: [
    CaseName,
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    Choice,
    MatButton,
    MatIcon,
    MatProgressBar,
    RestsOn,
    RouterLink,
    RowRidge,
    StandingRise,
    Trouble,
  ],
  templateUrl: './matrix-view.html',
  styleUrls: ['../table-page.scss', './matrix-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MatrixView {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly injector = inject(Injector);
  protected readonly words = STANDING_WORDS;
  protected readonly standings = STANDINGS;
  protected readonly clock = clockText;

  protected readonly orders: readonly { value: Order; name: string }[] = [
    { value: 'need', name: SAY.needsHelpMost },
    { value: 'name', name: 'name' },
    { value: 'seen', name: SAY.awayLongest },
  ];
  protected readonly order = signal<Order>('need');
  private readonly asking = reading(
    () => this.groups.group()?.id,
    (group) => this.api.matrix(group, today()),
    { whenAnother: 'drop' },
  );
  protected readonly trouble = this.asking.trouble;
  protected readonly isBusy = this.asking.isBusy;
  protected readonly matrix = this.asking.value;
  protected readonly rows = computed(() => {
    const matrix = this.matrix();
    return matrix ? inOrder(matrix, this.order()) : [];
  });
  /** The stages with how many columns each has, and where it begins. */
  protected readonly spans = computed((): readonly Span[] => {
    const matrix = this.matrix();
    if (!matrix) return [];
    const cell = Math.max(
      LEAST_CELL,
      Math.min(MOST_CELL, Math.floor(ROOM / matrix.columns.length)),
    );
    return matrix.stages.map(({ stage }) => {
      const columns = matrix.columns.flatMap((one, k) => (one.stage === stage ? [k] : []));
      const title = this.titles.of(stage);
      return { stage, title, columns, width: Math.max(LEAST_STAGE, columns.length * cell + 8) };
    });
  });
  protected readonly looked = signal<Looked | null>(null);
  protected readonly shown = computed((): LookedAt | null => {
    const [matrix, looked] = [this.matrix(), this.looked()];
    const row = matrix?.rows.find(({ id }) => id === looked?.row);
    if (!matrix || !looked || !row) return null;
    const column = matrix.columns[looked.column];
    const stage = row.stages.find((one) => one.stage === column?.stage);
    return { row, column, case: row.cases[looked.column], stage };
  });
  private readonly panel = viewChild<unknown, ElementRef<HTMLElement>>('panel', {
    read: ElementRef,
  });

  protected again(): void {
    this.asking.again();
  }

  protected seen({ lastDay }: MatrixRow): string {
    if (lastDay === null) return SAY.notYet;
    const days = this.todayNumber - lastDay;
    return days <= 0 ? SAY.today : days === 1 ? SAY.yesterday : SAY.daysAgo({ days });
  }

  private readonly todayNumber = Math.floor(Date.parse(`${today()}T00:00:00Z`) / 86_400_000);

  /** Which cell was pressed is told by its number, so that thousands need no listener each. */
  protected press(event: Event, row: MatrixRow): void {
    const cell = (event.target as HTMLElement).closest<HTMLElement>('[data-column]');
    if (cell) this.look(row.id, Number(cell.dataset['column']));
  }

  /** Along a row by arrows: what each standing rests on, without leaving the row. */
  protected key(event: KeyboardEvent, row: MatrixRow): void {
    const deed = deedOf(MATRIX_KEYS, event);
    if (deed === undefined) return;
    const by = deed === 'on' ? 1 : -1;
    event.preventDefault();
    const looked = this.looked();
    const at = looked?.row === row.id ? looked.column + by : 0;
    this.looked.set({ row: row.id, column: Math.max(0, Math.min(row.cases.length - 1, at)) });
  }

  protected look(row: string, column: number): void {
    this.looked.set({ row, column });
    afterNextRender(() => this.panel()?.nativeElement.focus(), { injector: this.injector });
  }

  protected csv(): void {
    const matrix = this.matrix();
    if (!matrix) return;
    const table = matrixTable({ ...matrix, rows: [...this.rows()] });
    // A name may begin as something to work out does.
    const text = unparse(table, { escapeFormulae: true });
    saveText(text, `how-they-stand-${matrix.day}.csv`);
  }
}
