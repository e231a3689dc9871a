import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { STAGES, stageWords, type Stage } from '@sleetcrest/core';
import type { Grouping, LogEntry, LogFilter, LogGroup, LogOverview } from '@sleetcrest/core/log';
import { saveAs } from 'file-saver';
import { accountFeature } from '../../keeping/account/account.feature';
import { apiFailure } from '../../sending/solves-api';
import { entryFeature } from '../../keeping/entry/entry.feature';
import { selectFirstSide, selectMethodNames } from '../../person/chosen';
import { clockText } from '../../parts/words/clock-text';
import { today, type LogBook, type LogReader } from '../../keeping/log/log-book';
import { LogBooks } from '../../keeping/log/log-books';
import { LogCharts } from './log-charts';
import { LogFilters } from './log-filters';
import { LogGroups } from './log-groups';
import { LogLineView } from './log-line';
import { LogWindows, type LogLine } from './log-windows';

type Face = 'records' | 'charts' | 'groups';
const UNDO = 8000;
/** Whole solves and single stages are not to be counted together: the former, unless asked for. */
const counted = (filter: LogFilter): LogFilter => ({ ...filter, kind: filter.kind ?? 'solve' });

/** As many as one request may name. */
const MOST_SELECTED = 10_000;
const WINDOW = 200;

/** A learner's log: the records, what is counted from them, and taking them in and out. */
@Component({
  selector: 'sc-log',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    LogCharts,
    LogFilters,
    LogGroups,
    LogLineView,
    MatButton,
    MatButtonToggle,
    MatButtonToggleGroup,
    MatIcon,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    MatProgressBar,
    RouterLink,
  ],
  templateUrl: './log.html',
  styleUrl: './log.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Log {
  /** The learner whose log is looked at, from the address; one's own where there is none. */
  readonly of = input<string>();
  readonly name = input<string>();

  private readonly store = inject(Store);
  private readonly books = inject(LogBooks);
  private readonly dialog = inject(MatDialog);
  private readonly snackBar = inject(MatSnackBar);

  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  protected readonly status = this.store.selectSignal(accountFeature.selectStatus);
  protected readonly waiting = this.books.waiting;
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly first = this.store.selectSignal(selectFirstSide);

  protected readonly filter = signal<LogFilter>({});
  protected readonly face = signal<Face>('records');
  protected readonly grouping = signal<Grouping>('session');
  protected readonly windows = signal<LogWindows | null>(null);
  protected readonly total = signal<number | null>(null);
  protected readonly overview = signal<LogOverview | null>(null);
  protected readonly groups = signal<readonly LogGroup[] | null>(null);
  protected readonly trouble = signal<string | null>(null);
  protected readonly selected = signal<ReadonlySet<string>>(new Set());
  private readonly changes = signal(0);

  protected readonly isOwn = computed(() => this.of() === undefined);
  private readonly log = computed((): LogReader => {
    const learner = this.of();
    return learner === undefined ? this.books.own() : this.books.of(learner);
  });
  protected readonly methods = this.store.selectSignal(selectMethodNames);
  protected readonly titleOf = computed(() => {
    const [first, scheme] = [this.first(), this.scheme()];
    return (stage: Stage): string => stageWords(stage, first, scheme).title;
  });
  protected readonly stages = computed(() =>
    STAGES.map((stage) => ({ stage, title: this.titleOf()(stage) })),
  );
  protected readonly countSaid = computed(() => {
    const total = this.total() ?? 0;
    return total === 1 ? '1 record' : `${total.toLocaleString('en')} records`;
  });
  protected readonly facts = computed(() => {
    const overview = this.overview();
    if (!overview) return null;
    const { best, typical, streaks, timed } = overview.summary;
    return {
      best: best ? clockText(best.time) : '–',
      typical: typical === null ? '–' : clockText(typical),
      timed: timed.toLocaleString('en'),
      of: this.filter().kind === 'stage' ? 'stage practice' : 'whole solves',
      days: streaks.lastThirty,
      streak: streaks.current,
    };
  });

  constructor() {
    void this.books.settle();
    effect((done) => {
      const [log, filter] = [this.log(), this.filter()];
      this.changes();
      this.books.arrivals();
      if (this.status() === 'unknown' && this.of() !== undefined) return;
      const windows = untracked(() => this.show(log, filter));
      done(() => windows.close());
    });
    effect(() => {
      const [log, filter, by] = [this.log(), this.filter(), this.grouping()];
      this.changes();
      if (this.face() === 'groups') untracked(() => void this.showGroups(log, filter, by));
    });
  }

  private show(log: LogReader, filter: LogFilter): LogWindows {
    this.trouble.set(null);
    const windows = new LogWindows(
      log,
      filter,
      (total) => this.total.set(total),
      (error) => this.fail(error),
    );
    this.selected.set(new Set());
    void windows.begin().then(() => this.windows.set(windows));
    log
      .overview(counted(filter), today())
      .then((overview) => this.overview.set(overview))
      .catch((error: unknown) => this.fail(error));
    return windows;
  }

  private async showGroups(log: LogReader, filter: LogFilter, by: Grouping): Promise<void> {
    this.groups.set(null);
    try {
      this.groups.set(await log.groups(filter, by));
    } catch (error) {
      this.fail(error);
    }
  }

  private fail(error: unknown): void {
    const failure = apiFailure(error);
    const offline = failure.unreachable && this.waiting() > 0;
    this.trouble.set(
      offline
        ? `${failure.message} ${this.waiting()} of your times wait here until it can.`
        : failure.message,
    );
  }

  protected again(): void {
    this.changes.update((count) => count + 1);
  }

  protected narrow(filter: LogFilter): void {
    this.filter.set(filter);
  }

  protected toGroup(group: LogGroup): void {
    this.filter.update((filter) => ({
      ...filter,
      from: group.from.slice(0, 10),
      to: group.to.slice(0, 10),
    }));
    this.face.set('records');
  }

  protected readonly lineKey = (index: number, line: LogLine): string => line?.id ?? `#${index}`;

  protected toggle(id: string): void {
    this.selected.update((selected) => {
      const next = new Set(selected);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  /** Selects all records meant, however many are on the screen. */
  protected async selectAll(): Promise<void> {
    const [log, filter] = [this.log(), this.filter()];
    const ids = new Set<string>();
    const total = Math.min(this.total() ?? 0, MOST_SELECTED);
    try {
      for (let offset = 0; offset < total; offset += WINDOW) {
        for (const { id } of (await log.page(filter, offset, WINDOW)).items) ids.add(id);
      }
      this.selected.set(ids);
    } catch (error) {
      this.fail(error);
    }
  }

  protected clearSelection(): void {
    this.selected.set(new Set());
  }

  protected async edit(entry: LogEntry): Promise<void> {
    const { EntryDialog } = await import('./entry-dialog');
    const asked = this.dialog.open<unknown, unknown, LogEntry>(EntryDialog, {
      width: '560px',
      data: { entry, methods: this.methods(), book: this.isOwn() ? this.books.own() : null },
    });
    asked.afterClosed().subscribe((changed) => {
      if (changed) this.again();
    });
  }

  protected remove(ids: readonly string[]): void {
    const book = this.books.own();
    this.doing(book.remove(ids), () => {
      const said =
        ids.length === 1 ? 'One record is deleted.' : `${ids.length} records are deleted.`;
      this.snackBar
        .open(said, 'Undo', { duration: UNDO })
        .onAction()
        .subscribe(() => this.doing(book.restore(ids)));
    });
  }

  protected removeChosen(): void {
    this.remove([...this.selected()]);
  }

  protected tag(text: string, add: boolean): void {
    const tag = text.trim();
    if (tag === '') return;
    const ids = [...this.selected()];
    const book: LogBook = this.books.own();
    const said = `${ids.length === 1 ? 'One record is' : `${ids.length} records are`} ${add ? 'tagged' : 'no longer tagged'} “${tag}”.`;
    this.doing(book.tag(ids, add ? [tag] : [], add ? [] : [tag]), () =>
      this.snackBar.open(said, undefined, { duration: 4000 }),
    );
  }

  private doing(work: Promise<unknown>, done: () => void = () => undefined): void {
    work
      .then(() => {
        this.again();
        done();
      })
      .catch((error: unknown) => this.fail(error));
  }

  protected async bringIn(): Promise<void> {
    const { ImportDialog } = await import('./import-dialog');
    const asked = this.dialog.open<unknown, unknown, boolean>(ImportDialog, {
      width: '820px',
      maxWidth: '96vw',
    });
    asked.afterClosed().subscribe((added) => {
      if (added) this.again();
    });
  }

  protected async takeOut(as: 'csv' | 'json'): Promise<void> {
    try {
      saveAs(await this.books.own().file(this.filter(), as), `sleetcrest-log.${as}`);
    } catch (error) {
      this.fail(error);
    }
  }
}
