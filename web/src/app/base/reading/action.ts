import { signal, type Signal } from '@angular/core';
import { apiFailure } from '../api/failure';

/** What a page does at somebody's wish: one thing at a time, and why it failed, in a sentence. */
export interface Action {
  readonly busy: Signal<boolean>;
  /** Why the last try failed; null where it did not. */
  readonly trouble: Signal<string | null>;
  /** Whether the last one went through. */
  readonly isDone: Signal<boolean>;
  /** Does it; what goes wrong is told by `trouble` and thrown no further. Gives whether it went through. */
  run(work: () => unknown): Promise<boolean>;
  /** Something is wrong before it is begun. */
  refuse(why: string): void;
  /** Says nothing more of the last try. */
  forget(): void;
}

/**
 * The one way to send what somebody wants done.
 * @param says what stands before the sentence that tells why it failed
 */
export function action(says = ''): Action {
  const busy = signal(false);
  const trouble = signal<string | null>(null);
  const isDone = signal(false);
  return {
    busy: busy.asReadonly(),
    trouble: trouble.asReadonly(),
    isDone: isDone.asReadonly(),
    run: async (work) => {
      busy.set(true);
      trouble.set(null);
      isDone.set(false);
      try {
        await work();
        isDone.set(true);
      } catch (error) {
        trouble.set(`${says}${apiFailure(error).message}`);
      } finally {
        busy.set(false);
      }
      return isDone();
    },
    refuse: (why) => {
      isDone.set(false);
      trouble.set(why);
    },
    forget: () => trouble.set(null),
  };
}
