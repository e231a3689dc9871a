import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** One thing that can be chosen: what it means, and how it is called. */
export interface Option<T extends string> {
  value: T;
  name: string;
}

let made = 0;

/** A labelled choice of one among a few. */
@Component({
  selector: 'sc-choice',
  template: `
    <div class="field">
      <label [for]="id">{{ label() }}</label>
      <select #choice [id]="id" [value]="value()" (change)="choose(choice.value)">
        @for (option of options(); track option.value) {
          <option [value]="option.value" [selected]="option.value === value()">
            {{ option.name }}
          </option>
        }
      </select>
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Choice<T extends string> {
  protected readonly id = `choice-${made++}`;
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly chosen = output<T>();

  protected choose(value: string): void {
    const option = this.options().find((one) => one.value === value);
    if (option) this.chosen.emit(option.value);
  }
}
