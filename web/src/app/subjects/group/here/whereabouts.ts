import { DestroyRef, effect, inject, Injectable, signal } from '@angular/core';
import type { CubeDocument } from '@sleetcrest/core';

/** What somebody is at in this browser: told by the view they are in. */
export interface Where {
  readonly doing: 'idle' | 'walk' | 'lesson' | 'practice' | 'solve' | 'done';
  /** The stage, case or lesson, in words. */
  readonly title: string;
  readonly at: number;
  readonly of: number;
  /** The cube before them, as far as it is known. */
  readonly cube: CubeDocument | null;
}

export const NOWHERE: Where = { doing: 'idle', title: '', at: 0, of: 0, cube: null };

/** Where somebody is now, for whoever sits at a table; kept nowhere. */
@Injectable({ providedIn: 'root' })
export class Whereabouts {
  readonly now = signal<Where>(NOWHERE);
}

/**
 * Tells from a view where somebody is, for as long as the view is there. Made where things are injected.
 * @param where null while the view has nothing to tell
 */
export function tellsWhere(where: () => Where | null): void {
  const { now } = inject(Whereabouts);
  let told: Where | undefined;
  effect(() => {
    const here = where();
    if (here) now.set((told = here));
  });
  inject(DestroyRef).onDestroy(() => {
    // The next view may have told already.
    if (now() === told) now.set(NOWHERE);
  });
}
