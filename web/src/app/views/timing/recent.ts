import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink } from '@angular/router';
import type { Stage } from '@sleetcrest/core';
import { type LogFilter, TYPICAL_OF } from '@sleetcrest/core/learner/log';
import { daySaid, dayThere, today } from '../../base/words/days';
import { LogBooks } from '../../subjects/log';
import { reading } from '../../base/reading/reading';
import { clockText, secondsSaid } from '../../base/words/clock-text';
import { typicalOf } from '../../base/words/counted';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

const SHOWN = 6;

/** The latest times of what is timed, and the typical one. */
@Component({
  selector: 'sc-recent',
  imports: [Sentence, SentenceSlot, MatButton, MatIcon, RouterLink],
  template: `
    <h2>{{ stage() ? say.thisStageBefore : say.before }}</h2>
    @if (typical(); as median) {
      <p>
        <sc-sentence [of]="say.typical">
          <b *scSlot="'time'" class="mono">{{ median.time }}</b> </sc-sentence
        >&ngsp;<span class="quieter">{{ typicalOf(median.of) }}</span>
      </p>
    }
    <ol>
      @for (one of lines(); track one.id) {
        <li [class.aside]="!one.counts">
          <span class="mono" [attr.aria-label]="one.said">{{ one.time }}</span>
          <span class="quieter">{{ one.day }}</span>
        </li>
      } @empty {
        <li class="quieter">{{ isFetching() ? '…' : say.noTimesYet }}</li>
      }
    </ol>
    <a matButton routerLink="/log"><mat-icon svgIcon="table" />{{ say.theWholeLog }}</a>
  `,
  styles: `
    :host {
      display: block;
    }
    h2 {
      margin-bottom: 8px;
      font-size: var(--type-lead);
    }
    p .quieter {
      display: block;
    }
    li .quieter {
      margin-left: 8px;
    }
    ol {
      display: grid;
      gap: 4px;
      margin: 8px 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      gap: 12px;
      justify-content: space-between;
      padding-bottom: 4px;
      border-bottom: 1px solid var(--line);
    }
    .aside .mono {
      color: var(--quiet);
      text-decoration: line-through;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Recent {
  protected readonly say = SAY;
  protected readonly typicalOf = typicalOf;
  /** The stage practised alone; null for whole solves. */
  readonly stage = input.required<Stage | null>();
  private readonly books = inject(LogBooks);
  private readonly before = reading(
    () => ({ log: this.books.own(), stage: this.stage(), arrivals: this.books.arrivals() }),
    async ({ log, stage }) => {
      const filter: LogFilter = stage === null ? { kind: 'solve' } : { kind: 'stage', stage };
      const [{ items }, { summary }] = await Promise.all([
        log.page(filter, 0, SHOWN),
        log.overview(filter, today()),
      ]);
      return { stage, items, summary };
    },
  );
  /** The times of before are a help, not needed for timing: none where they cannot be had. */
  private readonly known = computed(() => {
    const read = this.before.trouble() === null ? this.before.value() : undefined;
    return read?.stage === this.stage() ? read : undefined;
  });
  /** Whether those of what is timed are still being fetched. */
  protected readonly isFetching = computed(
    () => this.before.isBusy() && this.before.value()?.stage !== this.stage(),
  );

  protected readonly typical = computed(() => {
    const summary = this.known()?.summary;
    if (summary?.typical == null) return null;
    return { time: clockText(summary.typical), of: Math.min(TYPICAL_OF, summary.timed) };
  });
  protected readonly lines = computed(() =>
    (this.known()?.items ?? []).map(({ id, time, outcome, beganAt }) => ({
      id,
      counts: outcome === 'finished',
      time: time === null ? '–' : clockText(time),
      said: time === null ? SAY.noTime : secondsSaid(time),
      day: dayThere(beganAt) === today() ? 'today' : daySaid(dayThere(beganAt)),
    })),
  );
}
