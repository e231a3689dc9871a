import { Injectable } from '@angular/core';
import { workerOf } from '../../asking/worker-of';
import type { ScrambleFor, scrambleDeeds } from './scramble-deeds';

/** Scrambles in a worker: the tables take a second or two the first time. */
@Injectable({ providedIn: 'root' })
export class Scrambler {
  private readonly worker = workerOf<typeof scrambleDeeds>(
    () => new Worker(new URL('./scramble.worker', import.meta.url), { type: 'module' }),
  );

  /**
   * Turns from solved, as text.
   * @throws Error with a sentence when there is no such start, or the worker cannot be begun.
   */
  scramble(wanted: ScrambleFor): Promise<string> {
    return this.worker.ask((scrambler) => scrambler.scramble(wanted));
  }
}
