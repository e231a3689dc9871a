import { Injectable, type OnDestroy } from '@angular/core';
import { wrap, type Remote } from 'comlink';
import type { ScrambleFor, scrambleDeeds, Scrambled } from './scramble-deeds';

/** Scrambles in a worker: the tables take a second or two the first time. */
@Injectable({ providedIn: 'root' })
export class Scrambler implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<typeof scrambleDeeds> | undefined;

  /** @throws Error when the worker cannot be started. */
  scramble(wanted: ScrambleFor): Promise<Scrambled> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./scramble.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<typeof scrambleDeeds>(this.worker);
    }
    return this.remote.scramble(wanted);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
