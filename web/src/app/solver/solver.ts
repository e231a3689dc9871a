import { Injectable, type OnDestroy } from '@angular/core';
import { wrap, type Remote } from 'comlink';
import type { Plan, solvePlan } from '@sleetcrest/core';

interface SolverWorker {
  solve: typeof solvePlan;
}

/** Solves in a worker, so that the page never waits. */
@Injectable({ providedIn: 'root' })
export class Solver implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<SolverWorker> | undefined;

  /** @throws Error when the worker cannot be started. */
  async solve(plan: Plan): Promise<ReturnType<typeof solvePlan>> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./solver.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<SolverWorker>(this.worker);
    }
    return this.remote.solve(plan);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
