import { Injectable, type OnDestroy } from '@angular/core';
import type { SolveDone } from '@sleetcrest/core/review';
import { wrap, type Remote } from 'comlink';
import type { reviewDeeds, Reviewed } from './review-deeds';

/** Takes solves apart in a worker. */
@Injectable({ providedIn: 'root' })
export class Reviewer implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<typeof reviewDeeds> | undefined;

  /** @throws Error when the worker cannot be started. */
  review(done: SolveDone): Promise<Reviewed> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./review.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<typeof reviewDeeds>(this.worker);
    }
    return this.remote.review(done);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
