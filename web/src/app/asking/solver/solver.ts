import { Injectable } from '@angular/core';
import type { Method, Stage } from '@sleetcrest/core';
import type { Plan } from '@sleetcrest/core/methods';
import { workerOf } from '../worker-of';
import type { Answer, solverDeeds } from './planned';

/** Solves in a worker, so that the page never waits nor loads what only solving needs. */
@Injectable({ providedIn: 'root' })
export class Solver {
  private readonly worker = workerOf<typeof solverDeeds>(
    () => new Worker(new URL('./solver.worker', import.meta.url), { type: 'module' }),
  );

  /** @throws Error with a sentence when the worker cannot be begun. */
  solve(plan: Plan): Promise<Answer> {
    return this.worker.ask((solver) => solver.solve(plan));
  }

  /**
   * The stages a method goes through.
   * @throws Error with a sentence when the worker cannot be begun.
   */
  stages(method: string | Method): Promise<readonly Stage[]> {
    return this.worker.ask((solver) => solver.stages(method));
  }
}
