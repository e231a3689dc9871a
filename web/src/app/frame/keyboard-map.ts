import { ChangeDetectionStrategy, Component } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';
import { KEY_SCOPES } from './key-scopes';
import { SAY } from './words';

/** The keyboard map: all that is listened to. */
@Component({
  selector: 'sc-keyboard-map',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>{{ say.keyboardShortcuts }}</h2>
    <mat-dialog-content tabindex="0">
      @for (scope of scopes; track scope.title) {
        <section>
          <h3>{{ scope.title }}</h3>
          <dl>
            @for (deed of scope.deeds; track deed.shown) {
              <dt class="mono">{{ deed.shown }}</dt>
              <dd>{{ deed.says }}</dd>
            }
          </dl>
        </section>
      }
      <p>{{ say.singleKeysCanBeSwitched }}</p>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton matDialogClose>{{ say.close }}</button>
    </mat-dialog-actions>
  `,
  styles: `
    section + section {
      margin-top: 14px;
    }
    h3 {
      color: var(--text);
      font-size: var(--type-body);
    }
    dl {
      display: grid;
      grid-template-columns: 9.5rem 1fr;
      gap: 2px 12px;
      margin: 4px 0 0;
    }
    dd {
      margin: 0;
      color: var(--text);
    }
    p {
      margin-top: 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeyboardMap {
  protected readonly say = SAY;
  protected readonly scopes = KEY_SCOPES.map(({ title, deeds }) => ({
    title,
    deeds: Object.values(deeds),
  }));
}
