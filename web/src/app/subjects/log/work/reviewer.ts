import { Injectable } from '@angular/core';
import type { SolveDone } from '@sleetcrest/core/insight/review';
import { computing } from '../../../base/work/computing';
import type { reviewDeeds, Reviewed } from './review-deeds';

/** Takes solves apart in a worker. */
@Injectable({ providedIn: 'root' })
export class Reviewer {
  private readonly worker = computing<{ review: typeof reviewDeeds }>();

  /** @throws Error with a sentence when the worker cannot be begun. */
  review(done: SolveDone): Promise<Reviewed> {
    return this.worker.ask(({ review }) => review.review(done));
  }
}
