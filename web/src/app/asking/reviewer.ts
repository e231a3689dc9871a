import { Injectable } from '@angular/core';
import type { SolveDone } from '@sleetcrest/core/insight/review';
import { computing } from './computing';
import type { Reviewed } from './deeds/review-deeds';

/** Takes solves apart in a worker. */
@Injectable({ providedIn: 'root' })
export class Reviewer {
  private readonly worker = computing();

  /** @throws Error with a sentence when the worker cannot be begun. */
  review(done: SolveDone): Promise<Reviewed> {
    return this.worker.ask(({ review }) => review.review(done));
  }
}
