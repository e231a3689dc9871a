import { effect, signal, type WritableSignal } from '@angular/core';
import { interval } from 'rxjs';

/** What is told of a moment: by default milliseconds since 1970. */
export interface TickingOptions {
  /** Where it is read off. */
  readonly now?: () => number;
  /** Whether it runs; it does where that is left out. */
  readonly runs?: () => boolean;
}

/**
 * The moment it is, told anew every so many milliseconds while it runs, for what shows time going by. Whoever
 * knows a moment more exactly in between may set it. Made where things are injected, and ends with it.
 */
export function ticking(
  every: number,
  { now = Date.now, runs = () => true }: TickingOptions = {},
): WritableSignal<number> {
  const moment = signal(now());
  effect((onCleanup) => {
    if (!runs()) return;
    const going = interval(every).subscribe(() => moment.set(now()));
    onCleanup(() => going.unsubscribe());
  });
  return moment;
}
