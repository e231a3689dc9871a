import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink } from '@angular/router';
import { ChartFrame } from '../../ui/charts/chart-frame';
import { ChartInks } from '../../ui/charts/inks';
import { reading } from '../../base/reading/reading';
import { calibrationChart, daysChart, dueChart } from './knowledge-charts';
import { MixedUp } from './mixed-up';
import { RecallList } from './recall-list';
import { Learning } from './learning';
import { Trouble } from '../../ui/trouble';
import { Page } from '../../ui/page';
import { SAY } from './words';

const DAYS = 14;

/** What I know: how likely each case is recalled, how promises came true, times, mix-ups, what is due. */
@Component({
  selector: 'sc-known',
  imports: [Page, ChartFrame, MixedUp, RecallList, MatButton, MatProgressBar, RouterLink, Trouble],
  template: `
    <sc-page [heading]="say.whatIKnow">
      <a back matButton routerLink="/learn">{{ say.thePath }}</a>
      <ng-container ngProjectAs="[beside]">
        @if (knowledge(); as known) {
          <span class="quiet">{{ say.answersInAll({ answers: known.answers }) }}</span>
        }
      </ng-container>
      @if (trouble(); as sentence) {
        <sc-trouble [of]="sentence" [again]="say.tryAgain" (asked)="again()" />
      }
      @if (charts(); as all) {
        <div class="charts">
          <sc-recall-list class="wide" [cases]="learning.cases()" />
          <sc-chart-frame [chart]="all.due" [nothing]="say.nothingToRepeatInThese" />
          <sc-chart-frame [chart]="all.days" [nothing]="say.rightAnswersOnDifferent" />
          <sc-chart-frame [chart]="all.calibration" [nothing]="say.thisNeedsAnswersOnLater" />
          <sc-mixed-up class="wide" [confusions]="all.confusions" />
        </div>
        <p class="quiet fit">{{ fitSays() }}</p>
        @if (fitNumbers(); as numbers) {
          <details class="quiet">
            <summary>{{ say.numbers }}</summary>
            <p>{{ numbers }}</p>
          </details>
        }
      } @else if (!trouble()) {
        <mat-progress-bar mode="indeterminate" [aria-label]="say.workingItOut" />
      }
    </sc-page>
  `,
  styleUrl: './page.scss',
  styles: `
    @use 'shapes';
    .charts {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      gap: 12px;
    }
    .wide {
      grid-column: span 2;
    }
    .fit {
      margin-top: 12px;
    }
    @include shapes.up-to(shapes.$desk) {
      .charts {
        grid-template-columns: minmax(0, 1fr);
      }
      .wide {
        grid-column: auto;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Known {
  protected readonly say = SAY;
  protected readonly learning = inject(Learning);
  private readonly inks = inject(ChartInks).inks;
  private readonly asking = reading(
    () => ({ whose: this.learning.book.reader(), arrivals: this.learning.book.arrivals() }),
    () => this.learning.book.ask((practice) => practice.knowledge(this.learning.today(), DAYS)),
  );
  protected readonly knowledge = this.asking.value;
  protected readonly trouble = this.asking.trouble;
  protected readonly charts = computed(() => {
    const [known, inks] = [this.knowledge(), this.inks()];
    const isCounting = !this.learning.path() && this.learning.trouble() === null;
    if (!known || isCounting) return null;
    return {
      due: dueChart(known.due, this.learning.today(), inks),
      days: daysChart(known.days, inks),
      calibration: calibrationChart(known.calibration, inks),
      confusions: known.confusions.filter(({ was }) => this.learning.caseCalled(was)),
    };
  });
  protected readonly fitSays = computed(() => {
    const known = this.knowledge();
    if (!known) return '';
    const { fit } = known;
    if (!fit) return SAY.afterAnswersTheSchedule;
    return fit.used ? SAY.theScheduleIsAdaptedTo : SAY.aScheduleOfYourOwn;
  });
  /** By how much one's own schedule would predict better, for who wants to know. */
  protected readonly fitNumbers = computed(() => {
    const fit = this.knowledge()?.fit;
    return fit
      ? SAY.logLoss({
          usual: fit.usual.toFixed(3),
          fitted: fit.fitted.toFixed(3),
          answers: fit.heldOut,
        })
      : null;
  });

  protected again(): void {
    this.asking.again();
  }
}
