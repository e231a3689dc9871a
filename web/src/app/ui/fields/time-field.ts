import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { provideDateFnsAdapter } from '@angular/material-date-fns-adapter';
import { MAT_DATE_LOCALE } from '@angular/material/core';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { MatTimepickerModule } from '@angular/material/timepicker';
import { format, isValid, parse } from 'date-fns';
import { enGB } from 'date-fns/locale/en-GB';
import { SAY } from './words';

/** A time of day as it is written everywhere here, whatever the browser's own fields would show. */
const CLOCK = 'HH:mm';

/** A time of day of 24 hours, typed as `17:30` or picked from a list. */
@Component({
  selector: 'sc-time-field',
  imports: [MatFormFieldModule, MatInputModule, MatTimepickerModule],
  providers: [
    { provide: MAT_DATE_LOCALE, useValue: enGB },
    provideDateFnsAdapter({
      parse: { dateInput: CLOCK, timeInput: CLOCK },
      display: {
        dateInput: CLOCK,
        monthYearLabel: CLOCK,
        dateA11yLabel: CLOCK,
        monthYearA11yLabel: CLOCK,
        timeInput: CLOCK,
        timeOptionLabel: CLOCK,
      },
    }),
  ],
  template: `
    <mat-form-field appearance="outline" floatLabel="always" subscriptSizing="dynamic">
      <mat-label>{{ label() }}</mat-label>
      <input
        matInput
        [placeholder]="say.hhMm"
        [matTimepicker]="picker"
        [value]="time()"
        (valueChange)="tell($event)"
      />
      <mat-timepicker-toggle matIconSuffix [for]="picker" [aria-label]="say.openTimes" />
      <mat-timepicker #picker interval="30min" />
    </mat-form-field>
  `,
  styles: `
    mat-form-field {
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeField {
  protected readonly say = SAY;
  readonly label = input.required<string>();
  /** `hh:mm`. */
  readonly value = input.required<string>();
  readonly told = output<string>();

  protected readonly time = computed(() => {
    const time = parse(this.value(), CLOCK, new Date(0));
    return isValid(time) ? time : null;
  });

  /** What cannot be read as a time stays in the field, to be mended, and is not told. */
  protected tell(value: unknown): void {
    if (!(value instanceof Date) || !isValid(value)) return;
    const told = format(value, CLOCK);
    if (told !== this.value()) this.told.emit(told);
  }
}
