import { workerOf, type Asking } from '../../base/work/worker-of';
import type { RecordDeeds } from './record-deeds';

/** A worker for records. @param name the log it keeps in the browser */
export const records = (name: string): Asking<RecordDeeds> =>
  workerOf<RecordDeeds>(
    () => new Worker(new URL('./records.worker', import.meta.url), { type: 'module', name }),
  );
