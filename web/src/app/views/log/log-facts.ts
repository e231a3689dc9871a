import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type LogOverview, TYPICAL_OF } from '@sleetcrest/core/learner/log';
import { clockText } from '../../base/words/clock-text';
import { numbered } from '../../base/words/counted';
import { typicalOf } from '../../base/words/counted';
import { SAY } from './words';

/** What the records meant come to: how many times, the best, what is typical, and days of practice. */
@Component({
  selector: 'sc-log-facts',
  template: `
    <dl class="facts">
      <div>
        <dt>
          {{ say.times }} <span class="quiet">{{ say.of({ of: facts().of }) }}</span>
        </dt>
        <dd class="mono">{{ facts().timed }}</dd>
      </div>
      <div>
        <dt>{{ say.best }}</dt>
        <dd class="mono">{{ facts().best }}</dd>
      </div>
      <div>
        <dt>
          {{ say.typical }} <span class="quiet">{{ typicalOf(facts().lately) }}</span>
        </dt>
        <dd class="mono">{{ facts().typical }}</dd>
      </div>
      <div>
        <dt>
          {{ say.daysWithPractice }} <span class="quiet">{{ say.ofTheLast }}</span>
        </dt>
        <dd class="mono">
          {{ facts().days }}
          @if (facts().streak > 1) {
            <span class="quiet">{{ say.theLastInARow({ streak: facts().streak }) }}</span>
          }
        </dd>
      </div>
    </dl>
  `,
  styleUrl: './log-facts.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogFacts {
  protected readonly say = SAY;
  protected readonly typicalOf = typicalOf;
  readonly overview = input.required<LogOverview>();
  /** Whether it is of stages practised alone. */
  readonly ofStages = input.required<boolean>();

  protected readonly facts = computed(() => {
    const { best, typical, streaks, timed } = this.overview().summary;
    return {
      best: best ? clockText(best.time) : '–',
      typical: typical === null ? '–' : clockText(typical),
      lately: Math.min(TYPICAL_OF, timed) || TYPICAL_OF,
      timed: numbered(timed),
      of: this.ofStages() ? SAY.stagePractice : SAY.wholeSolves,
      days: streaks.lastThirty,
      streak: streaks.current,
    };
  });
}
