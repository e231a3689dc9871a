import { workerOf, type Asking } from '../../base/work/worker-of';
import type { PracticeDeeds } from './practice-deeds';

/** A worker for practice. @param name the answers it keeps in the browser */
export const practiceWorker = (name: string): Asking<PracticeDeeds> =>
  workerOf<PracticeDeeds>(
    () => new Worker(new URL('./practice.worker', import.meta.url), { type: 'module', name }),
  );
