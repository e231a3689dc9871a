import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';

/** One thing that can be chosen: what it means, how it is called, and the heading it stands under. */
export interface Option<T extends string> {
  value: T;
  name: string;
  under?: string;
}

/**
 * A labelled choice of one among several. It shows what `value` says: what somebody chooses is told,
 * and shown once it is taken.
 */
@Component({
  selector: 'sc-choice',
  imports: [MatFormField, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline" subscriptSizing="dynamic">
      <mat-label>{{ label() }}</mat-label>
      <select
        #choice
        matNativeControl
        [attr.aria-label]="said()"
        [attr.title]="hint()"
        [disabled]="disabled()"
        [value]="value()"
        (change)="choose(choice)"
      >
        @for (option of alone(); track option.value) {
          <option [value]="option.value" [selected]="option.value === value()">
            {{ option.name }}
          </option>
        }
        @for (group of groups(); track group.title) {
          <optgroup [label]="group.title">
            @for (option of group.options; track option.value) {
              <option [value]="option.value" [selected]="option.value === value()">
                {{ option.name }}
              </option>
            }
          </optgroup>
        }
      </select>
    </mat-form-field>
  `,
  styles: `
    :host {
      display: inline-block;
      // Narrower only where its place says so.
      min-width: var(--choice-least, 8.5rem);
      max-width: 100%;
    }
    mat-form-field {
      width: 100%;
    }
    select {
      text-overflow: ellipsis;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Choice<T extends string> {
  readonly label = input.required<string>();
  /** The whole name, for those who cannot see what the field stands beside. */
  readonly said = input<string | null>(null);
  readonly hint = input<string | null>(null);
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly disabled = input(false);
  readonly chosen = output<T>();

  protected readonly alone = computed(() =>
    this.options().filter(({ under }) => under === undefined),
  );
  protected readonly groups = computed(() => {
    const titles = new Set(this.options().map(({ under }) => under));
    titles.delete(undefined);
    return [...titles].map((title) => ({
      title: title!,
      options: this.options().filter(({ under }) => under === title),
    }));
  });

  protected choose(select: HTMLSelectElement): void {
    const option = this.options().find(({ value }) => value === select.value);
    select.value = this.value();
    if (option) this.chosen.emit(option.value);
  }
}
