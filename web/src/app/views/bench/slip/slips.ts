import { Injectable } from '@angular/core';
import { computing } from '../../../asking/computing';
import type { Answer, Asked } from '../../../asking/deeds/slip-deeds';

/** Looks for slips in a worker. */
@Injectable({ providedIn: 'root' })
export class Slips {
  private readonly worker = computing();

  /** Gets the tables ready, so that the first answer is not kept waiting. */
  prepare(): Promise<void> {
    return this.worker.ask(({ slips }) => slips.prepare());
  }

  /** @throws Error with a sentence when the worker cannot be begun. */
  explain(asked: Asked): Promise<Answer> {
    return this.worker.ask(({ slips }) => slips.explain(asked));
  }
}
