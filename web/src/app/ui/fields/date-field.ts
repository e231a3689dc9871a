import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { provideDateFnsAdapter } from '@angular/material-date-fns-adapter';
import { MAT_DATE_LOCALE } from '@angular/material/core';
import { MatDatepickerModule, type MatDatepickerInputEvent } from '@angular/material/datepicker';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInputModule } from '@angular/material/input';
import { format, isValid, parseISO } from 'date-fns';
import { enGB } from 'date-fns/locale/en-GB';
import { SAY } from './words';

/** A day as it is kept. */
const ISO_DAY = 'yyyy-MM-dd';
/** A day as it is said everywhere here, `5 Nov 2026`. */
const DAY = 'd MMM yyyy';
/** As people type a day; `2026-11-05` is read too. */
const TYPED = [DAY, 'd MMMM yyyy', 'd.M.yyyy', 'd/M/yyyy', 'd-M-yyyy'];

/** A day, typed as `5 Nov 2026` or picked from a calendar; empty for none. */
@Component({
  selector: 'sc-date-field',
  imports: [MatDatepickerModule, MatFormFieldModule, MatInputModule],
  providers: [
    { provide: MAT_DATE_LOCALE, useValue: enGB },
    provideDateFnsAdapter({
      parse: { dateInput: TYPED },
      display: {
        dateInput: DAY,
        monthYearLabel: 'LLLL yyyy',
        dateA11yLabel: 'd LLLL yyyy',
        monthYearA11yLabel: 'LLLL yyyy',
      },
    }),
  ],
  template: `
    <mat-form-field appearance="outline" floatLabel="always" subscriptSizing="dynamic">
      <mat-label>{{ label() }}</mat-label>
      <input
        matInput
        [placeholder]="say.dayMonthYear"
        [matDatepicker]="picker"
        [value]="date()"
        (dateChange)="tell($event)"
      />
      <mat-datepicker-toggle matIconSuffix [for]="picker" [aria-label]="say.openCalendar" />
      <mat-datepicker #picker />
    </mat-form-field>
  `,
  styles: `
    mat-form-field {
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DateField {
  protected readonly say = SAY;
  readonly label = input.required<string>();
  /** `yyyy-mm-dd`, or empty. */
  readonly value = input.required<string>();
  readonly told = output<string>();

  protected readonly date = computed(() => {
    const date = parseISO(this.value());
    return isValid(date) ? date : null;
  });

  /** What cannot be read as a day stays in the field, to be mended, and is not told. */
  protected tell({ value, targetElement }: MatDatepickerInputEvent<Date>): void {
    const typed = (targetElement as HTMLInputElement).value.trim();
    if (value) this.told.emit(format(value, ISO_DAY));
    else if (typed === '') this.told.emit('');
  }
}
