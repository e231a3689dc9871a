import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatFormField, MatHint, MatInput, MatLabel } from '@angular/material/input';

/** A labelled field of one line or several; says what is in it as it is typed, and once it is left. */
@Component({
  selector: 'sc-told-field',
  imports: [MatFormField, MatHint, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline" subscriptSizing="dynamic" [class.mono]="mono()">
      <mat-label>{{ label() }}</mat-label>
      @if (rows() === 1) {
        <input
          #line
          matInput
          [type]="type()"
          [readonly]="readonly()"
          [attr.maxlength]="most()"
          [attr.list]="list()"
          [value]="value()"
          (input)="typed.emit(line.value)"
          (change)="told.emit(line.value)"
        />
      } @else {
        <textarea
          #lines
          matInput
          [rows]="rows()"
          [readonly]="readonly()"
          [attr.maxlength]="most()"
          [attr.spellcheck]="mono() ? 'false' : null"
          [attr.autocapitalize]="mono() ? 'off' : null"
          [value]="value()"
          (input)="typed.emit(lines.value)"
          (change)="told.emit(lines.value)"
        ></textarea>
      }
      @if (hint(); as says) {
        <mat-hint>{{ says }}</mat-hint>
      }
    </mat-form-field>
  `,
  styles: `
    :host {
      display: block;
    }
    mat-form-field {
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToldField {
  readonly label = input.required<string>();
  readonly type = input<'text' | 'search'>('text');
  readonly value = input.required<string>();
  /** How many characters it takes; undefined for any. */
  readonly most = input<number>();
  readonly rows = input(1);
  /** Whether it holds turns. */
  readonly mono = input(false);
  readonly readonly = input(false);
  /** The id of a list of proposals. */
  readonly list = input<string>();
  readonly hint = input<string>();
  readonly typed = output<string>();
  readonly told = output<string>();
}
