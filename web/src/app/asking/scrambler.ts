import { Injectable } from '@angular/core';
import { computing } from './computing';
import type { ScrambleFor } from './deeds/scramble-deeds';

/** Scrambles in a worker: the tables take a second or two the first time. */
@Injectable({ providedIn: 'root' })
export class Scrambler {
  private readonly worker = computing();

  /**
   * Turns from solved, as text.
   * @throws Error with a sentence when there is no such start, or the worker cannot be begun.
   */
  scramble(wanted: ScrambleFor): Promise<string> {
    return this.worker.ask(({ scramble }) => scramble.scramble(wanted));
  }
}
