import { workerNamed } from '../words/language';
import { workerOf, type Asking } from './worker-of';

/**
 * A worker that computes, for one kind of question: the script is the same, but each has a thread and
 * tables of its own, so that stopping or waiting for one leaves the others be.
 * @typeParam Part the part of the script that is asked, by its name there (`frame/computing-deeds.ts`)
 */
export const computing = <Part>(): Asking<Part> =>
  workerOf<Part>(
    () =>
      new Worker(new URL('../../frame/computing.worker', import.meta.url), {
        type: 'module',
        name: workerNamed('computing'),
      }),
  );
