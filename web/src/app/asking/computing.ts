import type { Computing } from './computing-deeds';
import { workerOf, type Asking } from './worker-of';

/**
 * A worker that computes, for one kind of question: the script is the same, but each has a thread and
 * tables of its own, so that stopping or waiting for one leaves the others be.
 */
export const computing = (): Asking<Computing> =>
  workerOf<Computing>(
    () => new Worker(new URL('./computing.worker', import.meta.url), { type: 'module' }),
  );
