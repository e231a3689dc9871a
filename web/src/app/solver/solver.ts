import { Injectable, type OnDestroy } from '@angular/core';
import type { Method, Stage } from '@sleetcrest/core';
import type { Plan } from '@sleetcrest/core/methods';
import { wrap, type Remote } from 'comlink';
import type { Answer, solverDeeds } from './planned';

/** Solves in a worker, so that the page never waits nor loads what only solving needs. */
@Injectable({ providedIn: 'root' })
export class Solver implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<typeof solverDeeds> | undefined;

  /** @throws Error when the worker cannot be started. */
  async solve(plan: Plan): Promise<Answer> {
    return this.begun().solve(plan);
  }

  /**
   * The stages a method goes through.
   * @throws Error when the worker cannot be started.
   */
  async stages(method: string | Method): Promise<readonly Stage[]> {
    return this.begun().stages(method);
  }

  private begun(): Remote<typeof solverDeeds> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./solver.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<typeof solverDeeds>(this.worker);
    }
    return this.remote;
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
