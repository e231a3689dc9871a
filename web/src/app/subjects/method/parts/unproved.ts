import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';

/** Says plainly what may happen with a method that is not proved. */
@Component({
  selector: 'sc-unproved',
  imports: [MatButton, MatDialogModule],
  template: `
    <h2 mat-dialog-title>“{{ data.title }}” is not proved</h2>
    <mat-dialog-content>
      @if (data.proof === 'failing') {
        <p>
          Some cubes are not solved by it. A learner who meets one is left in the middle of a stage
          with no way on. The Workshop shows such a cube.
        </p>
      } @else {
        <p>
          Not every start has been tried, so it may leave a learner in the middle of a stage with no
          way on. The Workshop tries them all in a few seconds.
        </p>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton mat-dialog-close>Keep the method I have</button>
      <button matButton="filled" [mat-dialog-close]="true">Use it anyway</button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Unproved {
  protected readonly data = inject<{ title: string; proof: 'failing' | 'unproved' }>(
    MAT_DIALOG_DATA,
  );
}
