import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';

/** One thing that can be chosen: what it means, and how it is called. */
export interface Option<T extends string> {
  value: T;
  name: string;
}

/** A labelled choice of one among a few. */
@Component({
  selector: 'sc-choice',
  imports: [MatFormField, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline" subscriptSizing="dynamic">
      <mat-label>{{ label() }}</mat-label>
      <select #choice matNativeControl [value]="value()" (change)="choose(choice.value)">
        @for (option of options(); track option.value) {
          <option [value]="option.value" [selected]="option.value === value()">
            {{ option.name }}
          </option>
        }
      </select>
    </mat-form-field>
  `,
  styles: `
    mat-form-field {
      width: 100%;
      min-width: 8.5rem;
    }
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
