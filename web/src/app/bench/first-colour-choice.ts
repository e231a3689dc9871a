import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { COLOURS, type Colour } from '@sleetcrest/core';

/** Which colour's layer is solved first. */
@Component({
  selector: 'sc-first-colour-choice',
  imports: [MatFormField, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline" subscriptSizing="dynamic">
      <mat-label>First colour</mat-label>
      <select #choice matNativeControl [value]="colour()" (change)="choose(choice.value)">
        @for (name of colours; track name) {
          <option [value]="name" [selected]="name === colour()">{{ name }}</option>
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
export class FirstColourChoice {
  readonly colour = input.required<Colour>();
  readonly chosen = output<Colour>();
  protected readonly colours = COLOURS;

  protected choose(value: string): void {
    const colour = COLOURS.find((name) => name === value);
    if (colour) this.chosen.emit(colour);
  }
}
