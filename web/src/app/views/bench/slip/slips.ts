import { Injectable } from '@angular/core';
import { workerOf } from '../../../asking/worker-of';
import type { Answer, Asked, slipDeeds } from './slip-deeds';

/** Looks for slips in a worker. */
@Injectable({ providedIn: 'root' })
export class Slips {
  private readonly worker = workerOf<typeof slipDeeds>(
    () => new Worker(new URL('./slip.worker', import.meta.url), { type: 'module' }),
  );

  /** Gets the tables ready, so that the first answer is not kept waiting. */
  prepare(): Promise<void> {
    return this.worker.ask((slips) => slips.prepare());
  }

  /** @throws Error with a sentence when the worker cannot be begun. */
  explain(asked: Asked): Promise<Answer> {
    return this.worker.ask((slips) => slips.explain(asked));
  }
}
