import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { shortTitle, type Stage } from '@sleetcrest/core';
import type { LogFilter } from '@sleetcrest/core/learner/log';
import { Choice, type Option } from '../../ui/fields/choice';
import { DateField } from '../../ui/fields/date-field';
import { ToldField } from '../../ui/fields/told-field';
import { SAY } from './words';

/** Which records are looked at: by day, kind, stage, method, outcome, tag and words. */
@Component({
  selector: 'sc-log-filters',
  imports: [Choice, DateField, MatButton, ToldField],
  template: `
    <form role="search" [attr.aria-label]="say.recordsShown" (submit)="$event.preventDefault()">
      <sc-date-field
        [label]="say.from"
        [value]="filter().from ?? ''"
        (told)="set('from', $event)"
      />
      <sc-date-field [label]="say.to" [value]="filter().to ?? ''" (told)="set('to', $event)" />
      <sc-choice
        [label]="say.kind"
        [options]="kinds"
        [value]="filter().kind ?? ''"
        (chosen)="set('kind', $event)"
      />
      <sc-choice
        [label]="say.stage"
        [options]="stageOptions()"
        [value]="filter().stage ?? ''"
        (chosen)="set('stage', $event)"
      />
      <sc-choice
        [label]="say.method"
        [options]="methodOptions()"
        [value]="filter().method ?? ''"
        (chosen)="set('method', $event)"
      />
      <sc-choice
        [label]="say.ended"
        [options]="endings"
        [value]="filter().outcome ?? ''"
        (chosen)="set('outcome', $event)"
      />
      <sc-told-field
        [label]="say.words"
        type="search"
        [most]="80"
        [value]="filter().text ?? ''"
        (told)="set('text', $event)"
      />
      @if (isNarrow()) {
        <button matButton type="button" (click)="narrowed.emit({})">{{ say.clearFilters }}</button>
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
    sc-choice,
    sc-date-field,
    sc-told-field {
      flex: 1 1 8.5rem;
      max-width: 11rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogFilters {
  protected readonly say = SAY;
  readonly filter = input.required<LogFilter>();
  readonly methods = input.required<readonly { id: string; title: string }[]>();
  readonly stages = input.required<readonly { stage: Stage; title: string }[]>();
  readonly narrowed = output<LogFilter>();

  protected readonly kinds: readonly Option<string>[] = [
    { value: '', name: 'any' },
    { value: 'solve', name: SAY.wholeSolves },
    { value: 'stage', name: SAY.oneStageAlone },
  ];
  protected readonly endings: readonly Option<string>[] = [
    { value: '', name: SAY.anyWay },
    { value: 'finished', name: 'finished' },
    { value: 'unfinished', name: SAY.notFinished },
    { value: 'aside', name: SAY.notCounted },
  ];
  protected readonly stageOptions = computed((): Option<string>[] => [
    { value: '', name: 'any' },
    ...this.stages().map(({ stage, title }) => ({ value: stage, name: title })),
  ]);
  protected readonly methodOptions = computed((): Option<string>[] => [
    { value: '', name: 'any' },
    ...this.methods().map((one) => ({ value: one.id, name: shortTitle(one) })),
  ]);
  protected readonly isNarrow = computed(() =>
    Object.values(this.filter()).some((value) => value !== undefined),
  );

  protected set(part: keyof LogFilter, value: string): void {
    const filter = { ...this.filter(), [part]: value.trim() === '' ? undefined : value.trim() };
    this.narrowed.emit(filter);
  }
}
