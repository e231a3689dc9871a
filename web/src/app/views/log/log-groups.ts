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
import { counted } from '../../base/words/counted';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { dayThere, daySaid, spanThere } from '../../base/words/days';

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
        label="Grouped by"
        [options]="groupings"
        [value]="by()"
        (chosen)="grouped.emit($event)"
      />
      @if (by() === 'session') {
        <span class="quiet">A break of more than {{ pause }} minutes begins another.</span>
      }
    </div>
    @if (groups(); as all) {
      <cdk-virtual-scroll-viewport
        itemSize="46"
        class="lines"
        tabindex="0"
        aria-label="Groups, newest first"
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
        <p class="quiet">Nothing here.</p>
      }
    } @else {
      <mat-progress-bar mode="indeterminate" aria-label="Grouping" />
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
  readonly groups = input.required<readonly LogGroup[] | null>();
  readonly by = input.required<Grouping>();
  readonly titleOf = input.required<(stage: Stage) => string>();
  readonly grouped = output<Grouping>();
  readonly chosen = output<LogGroup>();

  protected readonly groupings: readonly Option<Grouping>[] = [
    { value: 'day', name: 'Days' },
    { value: 'session', name: 'Sessions' },
  ];
  protected readonly pause = SESSION_PAUSE;
  protected readonly lines = computed(() =>
    (this.groups() ?? []).map((group) => {
      return {
        group,
        when: this.by() === 'day' ? daySaid(dayThere(group.from)) : spanThere(group.from, group.to),
        count: counted(group.count, 'record'),
        solves: group.times
          .filter(({ stage }) => stage === null)
          .map((times) => `${counted(times.count, 'solve')}: ${timesSaid(times)}`)
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
  count === 1 ? clockText(best) : `median ${clockText(median)}, best ${clockText(best)}`;
