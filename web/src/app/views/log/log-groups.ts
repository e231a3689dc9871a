import {
  CdkFixedSizeVirtualScroll,
  CdkVirtualForOf,
  CdkVirtualScrollViewport,
} from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import { MatProgressBar } from '@angular/material/progress-bar';
import { SESSION_PAUSE, type Grouping, type LogGroup } from '@sleetcrest/core/log';
import { clockText } from '../../parts/words/clock-text';

/** The log by day or by session; choosing one shows its records. */
@Component({
  selector: 'sc-log-groups',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    MatButtonToggle,
    MatButtonToggleGroup,
    MatProgressBar,
  ],
  template: `
    <div class="row">
      <mat-button-toggle-group
        aria-label="Grouped by"
        [value]="by()"
        [hideSingleSelectionIndicator]="true"
        (change)="grouped.emit($event.value)"
      >
        <mat-button-toggle value="day">Days</mat-button-toggle>
        <mat-button-toggle value="session">Sessions</mat-button-toggle>
      </mat-button-toggle-group>
      @if (by() === 'session') {
        <span class="quiet">A pause of more than {{ pause }} minutes begins another.</span>
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
          <span class="mono">{{ line.median }}</span>
          <span class="mono quiet">{{ line.best }}</span>
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
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 12px;
      align-items: center;
      margin-bottom: 8px;
    }
    .quiet {
      color: var(--quiet);
    }
    .lines {
      height: calc(100dvh - 400px);
      min-height: 260px;
      border-radius: var(--radius);
      background: var(--surface);
    }
    .line {
      display: grid;
      grid-template-columns: minmax(11rem, 2fr) 1fr 1.4fr 1.4fr;
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
    .line:hover {
      background: var(--ground);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogGroups {
  readonly groups = input.required<readonly LogGroup[] | null>();
  readonly by = input.required<Grouping>();
  readonly grouped = output<Grouping>();
  readonly chosen = output<LogGroup>();

  protected readonly pause = SESSION_PAUSE;
  protected readonly lines = computed(() =>
    (this.groups() ?? []).map((group) => {
      const [from, to] = [group.from, group.to].map((at) => at.slice(0, 16).replace('T', ' '));
      const times = `${from} – ${to!.slice(11)}`;
      return {
        group,
        when: this.by() === 'day' ? from!.slice(0, 10) : times,
        count: group.count === 1 ? '1 record' : `${group.count} records`,
        median: group.median === null ? 'no times' : `median ${clockText(group.median)}`,
        best: group.best === null ? '' : `best ${clockText(group.best)}`,
      };
    }),
  );
}
