import { Injectable, type OnDestroy } from '@angular/core';
import { wrap, type Remote } from 'comlink';
import type { solveDocument } from './solve-document';

interface SolverWorker {
  solve: typeof solveDocument;
}

/** Solves in a worker, so that the page never waits. */
@Injectable({ providedIn: 'root' })
export class Solver implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<SolverWorker> | undefined;

  /** @throws Error when the worker cannot be started. */
  async solve(
    ...asked: Parameters<typeof solveDocument>
  ): Promise<ReturnType<typeof solveDocument>> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./solver.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<SolverWorker>(this.worker);
    }
    return this.remote.solve(...asked);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
