import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { LEAST_PHRASE } from '@sleetcrest/contract/accounts';
import { SAY } from './words';

/** Asks a coach for the phrase that somebody of their group signs in with from now on. */
@Component({
  selector: 'sc-new-phrase',
  imports: [FormsModule, MatButton, MatFormField, MatInput, MatLabel],
  template: `
    <form (ngSubmit)="told.emit(phrase())">
      <mat-form-field appearance="outline" subscriptSizing="dynamic">
        <mat-label>{{ say.newPassphraseFor({ name: name() }) }}</mat-label>
        <input
          matInput
          name="phrase"
          autocomplete="off"
          [ngModel]="phrase()"
          (ngModelChange)="phrase.set($event)"
        />
      </mat-form-field>
      <button matButton="filled" type="submit" [disabled]="phrase().length < least">
        {{ say.setIt }}
      </button>
      <button matButton type="button" (click)="left.emit()">{{ say.leaveItAsItIs }}</button>
    </form>
  `,
  styles: `
    @use 'blocks';

    form {
      @include blocks.row(4px 14px);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewPhrase {
  protected readonly say = SAY;
  readonly name = input.required<string>();
  readonly told = output<string>();
  readonly left = output();
  protected readonly phrase = signal('');
  protected readonly least = LEAST_PHRASE;
}
