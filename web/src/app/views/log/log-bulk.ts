import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { numbered } from '../../base/words/counted';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { SAY } from './words';

/** A tag to be added to the records chosen, or taken off. */
export interface Tagging {
  tag: string;
  add: boolean;
}

/** What can be done with many records at once. */
@Component({
  selector: 'sc-log-bulk',
  imports: [MatButton, MatFormField, MatIcon, MatInput, MatLabel],
  template: `
    <b>{{ say.chosen({ chosen: chosen() }) }}</b>
    <button matButton (click)="allAsked.emit()">{{ say.all({ total: total() }) }}</button>
    <button matButton (click)="noneAsked.emit()">{{ say.none2 }}</button>
    <mat-form-field appearance="outline" subscriptSizing="dynamic">
      <mat-label>{{ say.tag }}</mat-label>
      <input #field matInput maxlength="30" />
    </mat-form-field>
    <button matButton="outlined" (click)="tag(field, true)">
      <mat-icon svgIcon="tag" />{{ say.add }}
    </button>
    <button matButton (click)="tag(field, false)">{{ say.takeOff }}</button>
    <button matButton (click)="deletionAsked.emit()">
      <mat-icon svgIcon="remove" />{{ say.delete }}
    </button>
  `,
  styles: `
    @use 'blocks';

    :host {
      @include blocks.row(6px 10px);
      margin-bottom: 6px;
      padding: 4px 12px;
      border-radius: var(--radius);
      background: var(--accent-soft);
    }
    mat-form-field {
      width: 10rem;
    }
  `,
  host: { class: 'bulk', role: 'group', '[attr.aria-label]': 'say.theRecordsChosen' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogBulk {
  protected readonly say = SAY;
  protected readonly numbered = numbered;
  readonly chosen = input.required<number>();
  readonly total = input.required<number>();
  readonly allAsked = output();
  readonly noneAsked = output();
  readonly tagged = output<Tagging>();
  readonly deletionAsked = output();

  protected tag(field: HTMLInputElement, add: boolean): void {
    const tag = field.value.trim();
    field.value = '';
    if (tag !== '') this.tagged.emit({ tag, add });
  }
}
