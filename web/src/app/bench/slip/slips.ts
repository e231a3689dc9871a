import { Injectable, type OnDestroy } from '@angular/core';
import { wrap, type Remote } from 'comlink';
import type { Answer, Asked, slipDeeds } from './slip-deeds';

/** Looks for slips in a worker. */
@Injectable({ providedIn: 'root' })
export class Slips implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<typeof slipDeeds> | undefined;

  private begun(): Remote<typeof slipDeeds> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./slip.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<typeof slipDeeds>(this.worker);
    }
    return this.remote;
  }

  prepare(): Promise<void> {
    return this.begun().prepare();
  }

  /** @throws Error when the worker cannot be started. */
  explain(asked: Asked): Promise<Answer> {
    return this.begun().explain(asked);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
