import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import { SAY } from './words';

/** Says plainly what may happen with a method that is not proved. */
@Component({
  selector: 'sc-unproved',
  imports: [MatButton, MatDialogModule],
  template: `
    <h2 mat-dialog-title>{{ say.isNotProved({ title: data.title }) }}</h2>
    <mat-dialog-content>
      @if (data.proof === 'failing') {
        <p>
          {{ say.someCubesAreNotSolved }}
        </p>
      } @else {
        <p>
          {{ say.notEveryStartHasBeen }}
        </p>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton mat-dialog-close>{{ say.keepTheMethodIHave }}</button>
      <button matButton="filled" [mat-dialog-close]="true">{{ say.useItAnyway }}</button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Unproved {
  protected readonly say = SAY;
  protected readonly data = inject<{ title: string; proof: 'failing' | 'unproved' }>(
    MAT_DIALOG_DATA,
  );
}
