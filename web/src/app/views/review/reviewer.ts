import { Injectable } from '@angular/core';
import type { SolveDone } from '@sleetcrest/core/review';
import { workerOf } from '../../asking/worker-of';
import type { reviewDeeds, Reviewed } from './review-deeds';

/** Takes solves apart in a worker. */
@Injectable({ providedIn: 'root' })
export class Reviewer {
  private readonly worker = workerOf<typeof reviewDeeds>(
    () => new Worker(new URL('./review.worker', import.meta.url), { type: 'module' }),
  );

  /** @throws Error with a sentence when the worker cannot be begun. */
  review(done: SolveDone): Promise<Reviewed> {
    return this.worker.ask((reviewer) => reviewer.review(done));
  }
}
