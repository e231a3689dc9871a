import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { BarChart, CustomChart, LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import type { ECharts } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { Chart } from './chart';
import { deedOf } from '../../base/keys/key-scope';
import { CHART_KEYS } from './chart.keys';
import { SAY } from './words';

echarts.use([
  BarChart,
  CustomChart,
  LineChart,
  AriaComponent,
  GridComponent,
  TooltipComponent,
  CanvasRenderer,
]);

/** A chart that arrow keys go through, with its numbers as a table. */
@Component({
  selector: 'sc-chart-frame',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts })],
  template: `
    <header>
      <h2>{{ chart().title }}</h2>
      @for (key of chart().keys; track key.name) {
        <span class="key"><i [style.background]="key.ink"></i>{{ key.name }}</span>
      }
      @if (chart().note; as note) {
        <p class="note">{{ note }}</p>
      }
    </header>
    @if (chart().rows.length > 0) {
      <div
        class="plot"
        tabindex="0"
        role="img"
        echarts
        [attr.aria-label]="say.arrowKeysGoThroughIt({ says: chart().says })"
        [options]="chart().options"
        [merge]="chart().options"
        (chartInit)="drawn.set($event)"
        (keydown)="key($event)"
        (blur)="leave()"
      ></div>
      <p class="unseen" aria-live="polite">{{ at() }}</p>
      <details>
        <summary>{{ say.asATable }}</summary>
        <div class="scroll" tabindex="0" role="region" [attr.aria-label]="chart().title">
          <table>
            <thead>
              <tr>
                @for (name of chart().head; track $index) {
                  <th scope="col">{{ name }}</th>
                }
              </tr>
            </thead>
            <tbody>
              @for (row of chart().rows; track $index) {
                <tr>
                  @for (cell of row; track $index) {
                    <td>{{ cell }}</td>
                  }
                </tr>
              }
            </tbody>
          </table>
        </div>
      </details>
    } @else {
      <p class="quiet">{{ nothing() }}</p>
    }
  `,
  styles: `
    :host {
      display: block;
      padding: 10px 14px;
      border-radius: var(--radius);
      background: var(--surface);
    }
    header {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 0 14px;
    }
    h2 {
      font-size: var(--type-body);
    }
    .key {
      display: inline-flex;
      gap: 6px;
      align-items: center;
      font-size: var(--type-small);
    }
    .key i {
      width: 14px;
      height: 10px;
      border-radius: 2px;
    }
    .note {
      margin: 0;
      color: var(--quiet);
      font-size: var(--type-small);
    }
    p.quiet {
      padding: 24px 0;
    }
    .plot {
      width: 100%;
      height: var(--plot-height, 218px);
    }
    summary {
      color: var(--quiet);
      font-size: var(--type-small);
      cursor: pointer;
    }
    .scroll {
      max-height: 220px;
      overflow: auto;
    }
    table {
      width: 100%;
      border-collapse: collapse;
      font-size: var(--type-small);
    }
    th,
    td {
      padding: 2px 8px;
      border-bottom: 1px solid var(--line);
      text-align: left;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChartFrame {
  protected readonly say = SAY;
  readonly chart = input.required<Chart>();
  readonly nothing = input(SAY.nothingToShowYet);
  protected readonly drawn = signal<ECharts | null>(null);
  /** Which point the keys have come to; none before. */
  private readonly point = signal<number | null>(null);
  protected readonly at = computed(() => {
    const point = this.point();
    return point === null ? '' : (this.chart().points[point] ?? '');
  });

  protected key(event: KeyboardEvent): void {
    const deed = deedOf(CHART_KEYS, event);
    if (deed === undefined) return;
    const by = deed === 'on' ? 1 : -1;
    event.preventDefault();
    const last = this.chart().points.length - 1;
    const next = Math.min(last, Math.max(0, (this.point() ?? (by > 0 ? -1 : last + 1)) + by));
    this.point.set(next);
    this.drawn()?.dispatchAction({ type: 'showTip', seriesIndex: 0, dataIndex: next });
  }

  protected leave(): void {
    this.point.set(null);
    this.drawn()?.dispatchAction({ type: 'hideTip' });
  }
}
