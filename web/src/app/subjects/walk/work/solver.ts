import { Injectable } from '@angular/core';
import type { Method, Stage } from '@sleetcrest/core';
import type { WalkAsked } from '@sleetcrest/core/engine/run';
import { computing } from '../../../base/work/computing';
import type { solverDeeds, Answer } from './solver-deeds';

/** Solves in a worker, so that the page never waits nor loads what only solving needs. */
@Injectable({ providedIn: 'root' })
export class Solver {
  private readonly worker = computing<{ solver: typeof solverDeeds }>();

  /** @throws Error with a sentence when the worker cannot be begun. */
  solve(plan: WalkAsked): Promise<Answer> {
    return this.worker.ask(({ solver }) => solver.solve(plan));
  }

  /**
   * The stages a method goes through.
   * @throws Error with a sentence when the worker cannot be begun.
   */
  stages(method: string | Method): Promise<readonly Stage[]> {
    return this.worker.ask(({ solver }) => solver.stages(method));
  }
}
