import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Stage } from '@sleetcrest/core';
import type { LogFilter } from '@sleetcrest/core/learner/log';
import { DateField } from '../../ui/fields/date-field';

/** Which records are looked at: by day, kind, stage, method, outcome, tag and words. */
@Component({
  selector: 'sc-log-filters',
  imports: [DateField, MatButton],
  template: `
    <form role="search" aria-label="Records shown" (submit)="$event.preventDefault()">
      <sc-date-field label="From" [value]="filter().from ?? ''" (told)="set('from', $event)" />
      <sc-date-field label="To" [value]="filter().to ?? ''" (told)="set('to', $event)" />
      <label class="field"
        ><span>Kind</span
        ><select #kind (change)="set('kind', kind.value)">
          <option value="">any</option>
          <option value="solve" [selected]="filter().kind === 'solve'">whole solves</option>
          <option value="stage" [selected]="filter().kind === 'stage'">one stage alone</option>
        </select>
      </label>
      <label class="field"
        ><span>Stage</span
        ><select #stage (change)="set('stage', stage.value)">
          <option value="">any</option>
          @for (one of stages(); track one.stage) {
            <option [value]="one.stage" [selected]="filter().stage === one.stage">
              {{ one.title }}
            </option>
          }
        </select>
      </label>
      <label class="field"
        ><span>Method</span
        ><select #method (change)="set('method', method.value)">
          <option value="">any</option>
          @for (one of methods(); track one.id) {
            <option [value]="one.id" [selected]="filter().method === one.id">
              {{ one.title }}
            </option>
          }
        </select>
      </label>
      <label class="field"
        ><span>Ended</span
        ><select #outcome (change)="set('outcome', outcome.value)">
          <option value="">any way</option>
          <option value="finished" [selected]="filter().outcome === 'finished'">finished</option>
          <option value="unfinished" [selected]="filter().outcome === 'unfinished'">
            not finished
          </option>
          <option value="aside" [selected]="filter().outcome === 'aside'">set aside</option>
        </select>
      </label>
      <label class="field"
        ><span>Words</span>
        <input
          #text
          type="search"
          maxlength="80"
          [value]="filter().text ?? ''"
          (change)="set('text', text.value)"
      /></label>
      @if (isNarrow()) {
        <button matButton type="button" (click)="narrowed.emit({})">Show all</button>
      }
    </form>
  `,
  styles: `
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 12px;
      align-items: end;
    }
    .field,
    sc-date-field {
      flex: 1 1 8.5rem;
      max-width: 11rem;
    }
    input {
      min-width: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogFilters {
  readonly filter = input.required<LogFilter>();
  readonly methods = input.required<readonly { id: string; title: string }[]>();
  readonly stages = input.required<readonly { stage: Stage; title: string }[]>();
  readonly narrowed = output<LogFilter>();

  protected readonly isNarrow = computed(() =>
    Object.values(this.filter()).some((value) => value !== undefined),
  );

  protected set(part: keyof LogFilter, value: string): void {
    const filter = { ...this.filter(), [part]: value.trim() === '' ? undefined : value.trim() };
    this.narrowed.emit(filter);
  }
}
