import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** One thing that can be chosen: what it means, and how it is called. */
export interface Option<T extends string> {
  value: T;
  name: string;
}

/** A labelled choice of one among a few. */
@Component({
  selector: 'sc-choice',
  template: `
    <label class="field">
      <span>{{ label() }}</span>
      <select #choice [value]="value()" (change)="choose(choice.value)">
        @for (option of options(); track option.value) {
          <option [value]="option.value" [selected]="option.value === value()">
            {{ option.name }}
          </option>
        }
      </select>
    </label>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Choice<T extends string> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly chosen = output<T>();

  protected choose(value: string): void {
    const option = this.options().find((one) => one.value === value);
    if (option) this.chosen.emit(option.value);
  }
}
