import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import type { Option } from './choice';

/** A choice of one among a few, all of them seen side by side. */
@Component({
  selector: 'sc-segments',
  imports: [MatButtonToggle, MatButtonToggleGroup],
  template: `
    <mat-button-toggle-group
      [attr.aria-label]="label()"
      [value]="value()"
      [hideSingleSelectionIndicator]="true"
      (change)="chosen.emit($event.value)"
    >
      @for (option of options(); track option.value) {
        <mat-button-toggle [value]="option.value">{{ option.name }}</mat-button-toggle>
      }
    </mat-button-toggle-group>
  `,
  styles: `
    :host {
      display: inline-flex;
      max-width: 100%;
    }
    // Each has a frame, which lies on its neighbours': a row that is full goes on below and joins on.
    mat-button-toggle-group.mat-button-toggle-group {
      flex-wrap: wrap;
      padding: 1px 0 0 1px;
      border: 0;
      border-radius: 0;
      overflow: visible;
    }
    mat-button-toggle.mat-button-toggle.mat-button-toggle {
      margin: -1px 0 0 -1px;
      border: 1px solid var(--line-strong);

      &:first-child {
        border-start-start-radius: var(--radius);
        border-end-start-radius: var(--radius);
      }

      &:last-child {
        border-start-end-radius: var(--radius);
        border-end-end-radius: var(--radius);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Segments<T extends string> {
  /** What is chosen, for who does not see it. */
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly chosen = output<T>();
}
