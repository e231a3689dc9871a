import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { Stage } from '@sleetcrest/core';
import {
  type Grouping,
  type KindTimes,
  type LogGroup,
  SESSION_PAUSE,
} from '@sleetcrest/core/learner/log';
import { clockText } from '../../base/words/clock-text';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { dayThere, daySaid, spanThere } from '../../base/words/days';
import { SAY } from './words';

/** The log by day or by session; choosing one shows its records. */
@Component({
  selector: 'sc-log-groups',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    Segments,
    MatProgressBar,
  ],
  template: `
    <div class="row">
      <sc-segments
        [label]="say.groupedBy"
        [options]="groupings"
        [value]="by()"
        (chosen)="grouped.emit($event)"
      />
      @if (by() === 'session') {
        <span class="quiet">{{ say.aBreakOfMoreThan({ pause }) }}</span>
      }
    </div>
    @if (groups(); as all) {
      <cdk-virtual-scroll-viewport
        itemSize="46"
        class="lines"
        tabindex="0"
        [attr.aria-label]="say.groupsNewestFirst"
      >
        <button
          *cdkVirtualFor="let line of lines()"
          type="button"
          class="line"
          (click)="chosen.emit(line.group)"
        >
          <span class="when">{{ line.when }}</span>
          <span>{{ line.count }}</span>
          <span>{{ line.solves }}</span>
          <span class="quiet stages" [title]="line.stages">{{ line.stages }}</span>
        </button>
      </cdk-virtual-scroll-viewport>
      @if (all.length === 0) {
        <p class="quiet">{{ say.nothingHere }}</p>
      }
    } @else {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.grouping" />
    }
  `,
  styles: `
    @use 'blocks';

    .row {
      @include blocks.row(12px);
      margin-bottom: 8px;
    }
    .lines {
      height: calc(100dvh - 400px);
      min-height: 260px;
      border-radius: var(--radius);
      background: var(--surface);
    }
    .line {
      display: grid;
      grid-template-columns: minmax(11rem, 1.4fr) 0.7fr 2fr 2.4fr;
      gap: 12px;
      align-items: center;
      width: 100%;
      height: 46px;
      padding: 0 16px;
      border: 0;
      border-bottom: 1px solid var(--line);
      background: none;
      color: var(--text);
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .stages {
      @include blocks.one-line;
    }
    .line:hover {
      background: var(--ground);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogGroups {
  protected readonly say = SAY;
  readonly groups = input.required<readonly LogGroup[] | null>();
  readonly by = input.required<Grouping>();
  readonly titleOf = input.required<(stage: Stage) => string>();
  readonly grouped = output<Grouping>();
  readonly chosen = output<LogGroup>();

  protected readonly groupings: readonly Option<Grouping>[] = [
    { value: 'day', name: SAY.days },
    { value: 'session', name: SAY.sessions },
  ];
  protected readonly pause = SESSION_PAUSE;
  protected readonly lines = computed(() =>
    (this.groups() ?? []).map((group) => {
      return {
        group,
        when: this.by() === 'day' ? daySaid(dayThere(group.from)) : spanThere(group.from, group.to),
        count: SAY.records4({ records: group.count }),
        solves: group.times
          .filter(({ stage }) => stage === null)
          .map((times) => SAY.sessionLine({ solves: times.count, times: timesSaid(times) }))
          .join(''),
        stages: group.times
          .flatMap((times) =>
            times.stage
              ? [`${this.titleOf()(times.stage)} ${times.count}×: ${timesSaid(times)}`]
              : [],
          )
          .join(' · '),
      };
    }),
  );
}

/** The times of one kind; a single one is said as it is. */
const timesSaid = ({ count, best, median }: KindTimes): string =>
  count === 1
    ? clockText(best)
    : SAY.medianBest({ median: clockText(median), best: clockText(best) });
