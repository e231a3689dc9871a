import { DestroyRef, inject, Injectable, Injector } from '@angular/core';
import { SAY } from './words';

/** Says something for a moment, above what lies on the page; what shows it is fetched when it is needed. */
@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly injector = inject(Injector);
  private readonly page = inject(DestroyRef);

  /**
   * Says it; resolves once it is gone, with whether its action was pressed.
   * @param milliseconds how long it stays
   */
  async say(text: string, action?: string, milliseconds = 5000): Promise<boolean> {
    const { MatSnackBar } = await import('@angular/material/snack-bar');
    // The page may have gone while that was fetched.
    if (this.page.destroyed) return false;
    const notice = this.injector.get(MatSnackBar).open(text, action, {
      duration: milliseconds,
      // At the bottom it would lie on the buttons that turn the cube.
      verticalPosition: 'top',
    });
    return new Promise((resolve) => {
      notice.onAction().subscribe(() => resolve(true));
      notice.afterDismissed().subscribe(() => resolve(false));
    });
  }

  /** Says it with a way to undo it, for a while; `undo` is done when that is pressed. */
  async offerUndo(text: string, undo: () => void, action = SAY.undo): Promise<void> {
    if (await this.say(text, action, 8000)) undo();
  }
}
