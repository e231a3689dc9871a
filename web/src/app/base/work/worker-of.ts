import { DestroyRef, inject } from '@angular/core';
import { proxy, wrap } from 'comlink';
import { SAY } from './words';

/** What an answer ends with that was given up on purpose. */
export class Stopped extends Error {
  constructor() {
    super(SAY.itWasStopped);
  }
}

/** The functions of a worker as they are called from here: each answers later. */
export type Later<T> = {
  [K in keyof T]: T[K] extends (...args: infer A) => infer R
    ? (...args: A) => Promise<Awaited<R>>
    : Later<T[K]>;
};

/** A worker that is asked things. */
export interface Asking<T> {
  /**
   * Asks something of the worker, which is begun by the first thing asked.
   * @throws Error with a sentence when it cannot be begun or ends; asking again begins it anew.
   * @throws Stopped when it is stopped meanwhile
   */
  ask<R>(question: (there: Later<T>) => Promise<R>): Promise<R>;
  /** Gives up what is under way; what is asked next begins anew. */
  stop(): void;
}

const NOT_BEGUN = SAY.aPartOfThisPage;

/**
 * The one way to ask a worker. Belongs to what injects it, and ends with it.
 * @param begin makes the worker; `new Worker(new URL('./x.worker', import.meta.url), …)` has to be
 *   written out where it is used, so that the build finds it
 */
export function workerOf<T>(begin: () => Worker): Asking<T> {
  const waiting = new Set<(reason: Error) => void>();
  let worker: Worker | undefined;
  let there: Later<T> | undefined;

  const end = (reason: Error): void => {
    worker?.terminate();
    worker = there = undefined;
    for (const reject of waiting) reject(reason);
    waiting.clear();
  };

  const begun = (): Later<T> => {
    if (there) return there;
    const made = (worker = begin());
    // A worker that cannot be loaded never answers: nothing but this event says so.
    made.onerror = (event) => {
      event.preventDefault();
      if (made === worker) end(new Error(NOT_BEGUN));
    };
    made.onmessageerror = () => {
      if (made === worker) end(new Error(NOT_BEGUN));
    };
    return (there = wrap<T>(made) as unknown as Later<T>);
  };

  // Nobody is left to be told.
  inject(DestroyRef).onDestroy(() => {
    waiting.clear();
    worker?.terminate();
  });
  return {
    ask: (question) =>
      new Promise((resolve, reject) => {
        waiting.add(reject);
        const settled = (): boolean => waiting.delete(reject);
        question(begun()).then(
          (answer) => settled() && resolve(answer),
          (error: unknown) => settled() && reject(error as Error),
        );
      }),
    stop: () => end(new Stopped()),
  };
}

/** A function of the page that a worker may call while it works, such as to say how far it is. */
export const told = <F extends (...args: never[]) => unknown>(tell: F): F => proxy(tell);
