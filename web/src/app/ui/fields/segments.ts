import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { Option } from './choice';

let made = 0;

/** A choice of one among a few, all of them seen side by side. */
@Component({
  selector: 'sc-segments',
  template: `
    @for (option of options(); track option.value) {
      <label [class.chosen]="option.value === value()">
        <input
          type="radio"
          [name]="group"
          [value]="option.value"
          [checked]="option.value === value()"
          (change)="chosen.emit(option.value)"
        />
        {{ option.name }}
      </label>
    }
  `,
  styles: `
    :host {
      display: inline-flex;
      flex-wrap: wrap;
      padding: 1px 0 0 1px;
    }
    label {
      position: relative;
      padding: 9px 14px;
      margin: -1px 0 0 -1px;
      border: 1px solid var(--line-strong);
      background: var(--surface);
      cursor: pointer;
    }
    label:first-of-type {
      border-radius: var(--radius) 0 0 var(--radius);
    }
    label:last-of-type {
      border-radius: 0 var(--radius) var(--radius) 0;
    }
    label:hover {
      background: var(--ground);
    }
    .chosen,
    .chosen:hover {
      background: var(--accent-soft);
    }
    label:has(:focus-visible) {
      outline: 3px solid var(--action);
      outline-offset: -3px;
    }
    input {
      position: absolute;
      inset: 0;
      margin: 0;
      opacity: 0;
      cursor: pointer;
    }
  `,
  host: { role: 'radiogroup' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Segments<T extends string> {
  protected readonly group = `segments-${made++}`;
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly chosen = output<T>();
}
