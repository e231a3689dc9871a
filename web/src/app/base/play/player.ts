import { computed, effect, linkedSignal, type Signal, untracked } from '@angular/core';
import { timer } from 'rxjs';

/** Something that is gone through turn by turn, by itself or by hand. */
export interface Player {
  /** How many of the turns are done. */
  readonly at: Signal<number>;
  /** Which way it plays: 1 on, −1 back, 0 not at all. */
  readonly plays: Signal<1 | -1 | 0>;
  readonly isAtEnd: Signal<boolean>;
  /** Plays on, from the beginning where it is at its end; or back, from the end. */
  play(by?: 1 | -1): void;
  pause(): void;
  /** Goes so many turns on or back, by hand. */
  step(by: number): void;
  /** Goes to where so many are done, by hand. */
  go(at: number): void;
}

/** How something is played. */
export interface Plays {
  /** Milliseconds before the turn after so many are done. */
  readonly pause: (done: number) => number;
  /** Whether it begins by itself; it does not where that is left out. */
  readonly begins?: () => boolean;
  /** Where it stands to begin with, by how many turns are done. */
  readonly from?: () => number;
}

/**
 * The one way to go through turns on the page. Begins anew whenever there are other turns. Made where things are
 * injected, and ends with it.
 */
export function player(
  turns: () => readonly unknown[],
  { pause, begins = () => false, from = () => 0 }: Plays,
): Player {
  const all = computed(turns);
  const at = linkedSignal({ source: all, computation: () => untracked(from) });
  const plays = linkedSignal<readonly unknown[], 1 | -1 | 0>({
    source: all,
    computation: () => (untracked(begins) ? 1 : 0),
  });

  effect((onCleanup) => {
    const by = plays();
    if (by === 0) return;
    const next = at() + by;
    if (next < 0 || next > all().length) {
      plays.set(0);
      return;
    }
    const turning = timer(untracked(() => pause(at()))).subscribe(() => at.set(next));
    onCleanup(() => turning.unsubscribe());
  });

  const go = (to: number): void => {
    plays.set(0);
    at.set(Math.min(all().length, Math.max(0, to)));
  };
  return {
    at: at.asReadonly(),
    plays: plays.asReadonly(),
    isAtEnd: computed(() => at() >= all().length),
    play: (by = 1) => {
      if (by === 1 && at() >= all().length) at.set(0);
      if (by === -1 && at() === 0) at.set(all().length);
      plays.set(by);
    },
    pause: () => plays.set(0),
    step: (by) => go(at() + by),
    go,
  };
}
