import { Injectable } from '@angular/core';
import { computing } from '../../../base/work/computing';
import type { slipDeeds } from './slip-deeds';
import type { Answer, Asked } from '.';

/** Looks for slips in a worker. */
@Injectable({ providedIn: 'root' })
export class Slips {
  private readonly worker = computing<{ slips: typeof slipDeeds }>();

  /** Gets the tables ready, so that the first answer is not kept waiting. */
  prepare(): Promise<void> {
    return this.worker.ask(({ slips }) => slips.prepare());
  }

  /** @throws Error with a sentence when the worker cannot be begun. */
  explain(asked: Asked): Promise<Answer> {
    return this.worker.ask(({ slips }) => slips.explain(asked));
  }
}
