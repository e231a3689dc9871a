import { Injectable } from '@angular/core';
import { computing } from '../../../base/work/computing';
import type { scrambleDeeds, ScrambleFor } from './scramble-deeds';

/** Scrambles in a worker: the tables take a second or two the first time. */
@Injectable({ providedIn: 'root' })
export class Scrambler {
  private readonly worker = computing<{ scramble: typeof scrambleDeeds }>();

  /**
   * Turns from solved, as text.
   * @throws Error with a sentence when there is no such start, or the worker cannot be begun.
   */
  scramble(wanted: ScrambleFor): Promise<string> {
    return this.worker.ask(({ scramble }) => scramble.scramble(wanted));
  }
}
