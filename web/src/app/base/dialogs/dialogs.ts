import type { ComponentType } from '@angular/cdk/portal';
import { inject, Injectable, Injector } from '@angular/core';
import type { MatDialogConfig } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';

/** A dialog over all of the window. */
export const WHOLE_WINDOW: MatDialogConfig = {
  width: '100vw',
  maxWidth: '100vw',
  height: '100dvh',
  maxHeight: '100dvh',
  panelClass: 'whole',
};

/** Opens dialogs; what shows them is fetched with the first. */
@Injectable({ providedIn: 'root' })
export class Dialogs {
  private readonly injector = inject(Injector);

  /** Opens one; resolves once it is closed, with what it was closed with. */
  async open<R = unknown>(
    dialog: Promise<ComponentType<unknown>>,
    config: MatDialogConfig,
  ): Promise<R | undefined> {
    const [component, { MatDialog }] = await Promise.all([
      dialog,
      import('@angular/material/dialog'),
    ]);
    const opened = this.injector.get(MatDialog).open<unknown, unknown, R>(component, config);
    return firstValueFrom(opened.afterClosed());
  }
}
