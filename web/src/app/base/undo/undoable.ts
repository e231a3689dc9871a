import { computed, linkedSignal, type Signal } from '@angular/core';
import { done, undone, type Past } from './undoing';

/** Something of one page that can be taken back step by step. */
export interface Undoable<T> {
  readonly now: Signal<T>;
  readonly canUndo: Signal<boolean>;
  set(next: T): void;
  /** Puts this in the place of what is there: both are one step, and taken back together. */
  amend(next: T): void;
  undo(): void;
}

/** More steps than anybody takes back one by one. */
const MOST = 500;

/**
 * @param about what it is about: with something else it begins anew, without a past
 * @param begin how it is to begin with
 */
export function undoable<W, T>(about: () => W, begin: (about: W) => T): Undoable<T> {
  const state = linkedSignal<W, Past<T> & { now: T }>({
    source: about,
    computation: (source) => ({ past: [], future: [], now: begin(source) }),
  });
  const canUndo = computed(() => state().past.length > 0);
  const set = (next: T): void => {
    const { past, future } = done(state(), state().now, MOST);
    state.set({ past, future, now: next });
  };
  return {
    now: computed(() => state().now),
    canUndo,
    set,
    amend: (next) => {
      if (!canUndo()) set(next);
      else state.set({ past: state().past, future: [], now: next });
    },
    undo: () => state.update((was) => undone(was, was.now) ?? was),
  };
}
