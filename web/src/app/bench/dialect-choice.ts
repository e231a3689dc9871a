import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { DIALECTS, type Dialect } from '@sleetcrest/core';

const NAMES: Record<Dialect, string> = { prime: "R'  R2", inverse: 'Ri  R2', words: 'in words' };

/** How turns are written. */
@Component({
  selector: 'sc-dialect-choice',
  imports: [MatFormField, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline" subscriptSizing="dynamic">
      <mat-label>Turns written</mat-label>
      <select #choice matNativeControl [value]="dialect()" (change)="choose(choice.value)">
        @for (name of dialects; track name) {
          <option [value]="name" [selected]="name === dialect()">{{ names[name] }}</option>
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
export class DialectChoice {
  readonly dialect = input.required<Dialect>();
  readonly chosen = output<Dialect>();
  protected readonly dialects = DIALECTS;
  protected readonly names = NAMES;

  protected choose(value: string): void {
    const dialect = DIALECTS.find((name) => name === value);
    if (dialect) this.chosen.emit(dialect);
  }
}
