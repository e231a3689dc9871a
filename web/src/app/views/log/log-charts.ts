import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Stage } from '@sleetcrest/core';
import type { LogOverview } from '@sleetcrest/core/learner/log';
import { ChartFrame } from '../../ui/charts/chart-frame';
import { ChartInks } from '../../ui/charts/inks';
import { daysChart, rateChart, spreadChart } from './charts';
import { stagesChart } from './stages-chart';
import { SAY } from './words';

/** What the records come to, as charts. */
@Component({
  selector: 'sc-log-charts',
  imports: [ChartFrame],
  template: `
    <sc-chart-frame class="wide ridge" [chart]="ridge()" [nothing]="say.markTheStagesOfA" />
    <sc-chart-frame [chart]="days()" [nothing]="say.noFinishedTimesAmongThese" />
    <sc-chart-frame [chart]="spread()" [nothing]="say.noFinishedTimesAmongThese" />
    <sc-chart-frame [chart]="rate()" [nothing]="say.connectACubeThatTells" />
  `,
  styles: `
    @use 'shapes';
    :host {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      gap: 12px;
    }
    .wide {
      grid-column: 1 / -1;
      --plot-height: 190px;
    }
    @include shapes.up-to(shapes.$desk) {
      :host {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogCharts {
  protected readonly say = SAY;
  readonly overview = input.required<LogOverview>();
  readonly titleOf = input.required<(stage: Stage) => string>();

  private readonly inks = inject(ChartInks).inks;
  protected readonly ridge = computed(() =>
    stagesChart(this.overview().ridge, this.titleOf(), this.inks()),
  );
  protected readonly days = computed(() => daysChart(this.overview().summary, this.inks()));
  protected readonly spread = computed(() => spreadChart(this.overview().summary, this.inks()));
  protected readonly rate = computed(() =>
    rateChart(this.overview().ridge, this.titleOf(), this.inks()),
  );
}
