import { DestroyRef, inject, Injectable } from '@angular/core';
import { fromEvent } from 'rxjs';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { deedOf, type KeyScope } from './key-scope';
import { isFree } from './keys';

/** What is done for each of the deeds of a scope; `false` leaves the key to the scope before. */
export type KeyDeeds<D extends string> = Readonly<Record<D, (event: KeyboardEvent) => unknown>>;

/** How a scope listens. */
export interface Listens {
  /** While this is false the scope hears nothing. */
  readonly when?: () => boolean;
  /** What every other key does, so that none goes any further; `false` lets it go there. */
  readonly takesAll?: (event: KeyboardEvent) => unknown;
  /** Whether a press is meant for it, where that is not told by what has the focus alone. */
  readonly isMeant?: (event: KeyboardEvent) => boolean;
  /** What is done when a key is let go. */
  readonly released?: (event: KeyboardEvent) => void;
}

interface Listening extends Listens {
  readonly scope: KeyScope;
  readonly deeds: KeyDeeds<string>;
}

/**
 * The one listener to the keyboard. Whatever was opened last is asked first, and a key does one thing: whoever
 * takes it, nobody else hears it.
 */
@Injectable({ providedIn: 'root' })
export class Keyboard {
  private readonly open: Listening[] = [];

  constructor() {
    fromEvent<KeyboardEvent>(document, 'keydown')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => this.pressed(event));
    fromEvent<KeyboardEvent>(document, 'keyup')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => {
        for (const { released } of this.open) released?.(event);
      });
  }

  /** Listens from now on; gives what ends it. */
  listen(listening: Listening): () => void {
    this.open.push(listening);
    return () => {
      this.open.splice(this.open.indexOf(listening), 1);
    };
  }

  private pressed(event: KeyboardEvent): void {
    // What has the focus has taken it.
    if (event.defaultPrevented) return;
    for (const one of [...this.open].reverse()) {
      if (one.when?.() === false) continue;
      if (!(one.isMeant ?? isFree)(event)) {
        if (one.takesAll) return;
        continue;
      }
      const deed = deedOf(one.scope, event);
      const done = deed === undefined ? one.takesAll : one.deeds[deed];
      if (done === undefined || done(event) === false) continue;
      event.preventDefault();
      return;
    }
  }
}

/** Has a scope's keys do these things, for as long as what injects it is there. */
export function listensTo<D extends string>(
  scope: KeyScope<D>,
  deeds: KeyDeeds<D>,
  how: Listens = {},
): void {
  const listening = { ...how, scope, deeds } as unknown as Listening;
  const end = inject(Keyboard).listen(listening);
  inject(DestroyRef).onDestroy(end);
}
