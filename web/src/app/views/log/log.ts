import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { type Stage, STAGES, stageWords } from '@sleetcrest/core';
import type { Grouping, LogEntry, LogFilter, LogGroup } from '@sleetcrest/core/learner/log';
import { accountFeature } from '../../subjects/account';
import { entryFeature } from '../../subjects/cube';
import { LogBooks, type LogReader } from '../../subjects/log';
import { selectFirstSide, MethodStore } from '../../subjects/method';
import { dayThere, today } from '../../base/words/days';
import { reading } from '../../base/reading/reading';
import { apiFailure } from '../../base/api/failure';
import { LogBulk, type Tagging } from './log-bulk';
import { LogCharts } from './log-charts';
import { LogDeeds } from './log-deeds';
import { LogFilters } from './log-filters';
import { LogGroups } from './log-groups';
import { LogLineView } from './log-line';
import { LogNotes } from './log-notes';
import { LogWindows, type LogLine } from './log-windows';
import { logFeature, LogPage, type Face } from './log.feature';
import { Trouble } from '../../ui/trouble';
import { LogFacts } from './log-facts';
import { Page } from '../../ui/page';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** Whole solves and single stages are not to be counted together: the former, unless asked for. */
const countable = (filter: LogFilter): LogFilter => ({ ...filter, kind: filter.kind ?? 'solve' });

const FACES: readonly Option<Face>[] = [
  { value: 'records', name: SAY.records2 },
  { value: 'charts', name: SAY.charts },
  { value: 'groups', name: SAY.daysAndSessions },
];

/** A learner's log: the records, what is counted from them, and taking them in and out. */
@Component({
  selector: 'sc-log',
  imports: [
    Sentence,
    SentenceSlot,
    Page,
    LogFacts,
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    LogBulk,
    LogCharts,
    LogFilters,
    LogGroups,
    LogLineView,
    LogNotes,
    MatButton,
    Segments,
    MatIcon,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    MatProgressBar,
    RouterLink,
    Trouble,
  ],
  providers: [LogDeeds],
  templateUrl: './log.html',
  styleUrl: './log.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Log {
  protected readonly say = SAY;
  /** The learner whose log is looked at, from the address; one's own where there is none. */
  readonly of = input<string>();
  readonly name = input<string>();

  private readonly store = inject(Store);
  private readonly books = inject(LogBooks);
  protected readonly deeds = inject(LogDeeds);

  private readonly status = this.store.selectSignal(accountFeature.selectStatus);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly first = this.store.selectSignal(selectFirstSide);
  protected readonly methods = inject(MethodStore).names;
  protected readonly filter = this.store.selectSignal(logFeature.selectFilter);
  protected readonly faces = FACES;
  protected readonly face = this.store.selectSignal(logFeature.selectFace);
  protected readonly grouping = this.store.selectSignal(logFeature.selectGrouping);
  protected readonly selected = this.store.selectSignal(logFeature.selectSelected);
  private readonly changes = this.store.selectSignal(logFeature.selectChanges);

  protected readonly isOwn = computed(() => this.of() === undefined);
  protected readonly chosen = computed(() => new Set(this.selected()));
  private readonly log = computed((): LogReader => {
    const learner = this.of();
    return learner === undefined ? this.books.own() : this.books.of(learner);
  });
  /** What is to be read: anew after each change, here or arriving. */
  private readonly wanted = computed(() => {
    // Whether a learner's log may be seen is known once the server has said who is signed in.
    if (this.status() === 'unknown' && !this.isOwn()) return undefined;
    return { log: this.log(), filter: this.filter(), changes: this.seen() };
  });
  private readonly seen = computed(() => this.changes() + this.books.arrivals());

  protected readonly table = reading(this.wanted, async ({ log, filter }, unwanted) => {
    const windows = new LogWindows(log, filter);
    unwanted.addEventListener('abort', () => windows.close());
    return windows.begin();
  });
  protected readonly overview = reading(this.wanted, ({ log, filter }) =>
    log.overview(countable(filter), today()),
  );
  protected readonly groups = reading(
    () => {
      const wanted = this.face() === 'groups' ? this.wanted() : undefined;
      return wanted && { ...wanted, by: this.grouping() };
    },
    async ({ log, filter, by }) => ({ by, all: await log.groups(filter, by) }),
  );
  /** Those grouped as is asked for; null while they are fetched. */
  protected readonly grouped = computed((): readonly LogGroup[] | null => {
    const read = this.groups.value();
    return read?.by === this.grouping() ? read.all : null;
  });

  protected readonly trouble = computed(() => {
    const later = this.table.value()?.trouble();
    return (
      this.deeds.trouble() ??
      this.table.trouble() ??
      this.overview.trouble() ??
      (this.face() === 'groups' ? this.groups.trouble() : null) ??
      (later ? apiFailure(later).message : null)
    );
  });
  protected readonly total = computed(() => this.table.value()?.total() ?? null);
  protected readonly countSaid = computed(() => SAY.records4({ records: this.total() ?? 0 }));
  protected readonly titleOf = computed(() => {
    const [first, scheme] = [this.first(), this.scheme()];
    return (stage: Stage): string => stageWords(stage, first, scheme).title;
  });
  protected readonly stages = computed(() =>
    STAGES.map((stage) => ({ stage, title: this.titleOf()(stage) })),
  );
  /** What is typical of the whole solves meant; null where stages are. */
  protected readonly typical = computed(() =>
    this.filter().kind === 'stage' ? null : (this.overview.value()?.summary.typical ?? null),
  );
  constructor() {
    void this.books.settle();
    effect(() => this.store.dispatch(LogPage.opened({ of: this.of() ?? null })));
    // A list that another has taken the place of fetches no more.
    effect((onCleanup) => {
      const windows = this.table.value();
      onCleanup(() => windows?.close());
    });
  }

  protected again(): void {
    this.store.dispatch(LogPage.recordsChanged());
    this.deeds.trouble.set(null);
  }

  protected show(face: Face): void {
    this.store.dispatch(LogPage.faceChosen({ face }));
  }

  protected narrow(filter: LogFilter): void {
    this.store.dispatch(LogPage.filterNarrowed({ filter }));
  }

  protected group(grouping: Grouping): void {
    this.store.dispatch(LogPage.groupingChosen({ grouping }));
  }

  protected toGroup({ from, to }: LogGroup): void {
    this.store.dispatch(LogPage.groupChosen({ from: dayThere(from), to: dayThere(to) }));
  }

  protected readonly lineKey = (index: number, line: LogLine): string => line?.id ?? `#${index}`;

  /** A press anywhere on a row opens its record; what in it can be pressed does its own. */
  protected press({ target }: Event, line: LogLine): void {
    const isControl = (target as Element).closest('button, a, mat-checkbox') !== null;
    if (line !== null && !isControl) this.open(line);
  }

  protected toggle(id: string): void {
    this.store.dispatch(LogPage.recordToggled({ id }));
  }

  protected select(ids: readonly string[]): void {
    this.store.dispatch(LogPage.recordsSelected({ ids }));
  }

  protected selectAll(): void {
    void this.deeds.selectAll(this.log(), this.filter(), this.total() ?? 0);
  }

  protected open(entry: LogEntry): void {
    void this.deeds.open(entry, this.isOwn(), this.methods());
  }

  protected remove(ids: readonly string[]): void {
    void this.deeds.remove(ids);
  }

  protected tag(tagging: Tagging): void {
    void this.deeds.tag(this.selected(), tagging);
  }
}
