import { linkedSignal, untracked, type WritableSignal } from '@angular/core';

/**
 * What one page forgets: it begins anew whenever it is about something else.
 * @param about what it is about
 * @param begin how it begins with that
 */
export const anew = <W, T>(about: () => W, begin: (about: W) => T): WritableSignal<T> =>
  linkedSignal<W, T>({ source: about, computation: (it) => untracked(() => begin(it)) });
