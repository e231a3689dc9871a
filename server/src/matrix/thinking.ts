import { HttpProblem } from '../http/problem.js';
import { Threads, TooLong } from '../threads/threads.js';
import type { AboutStanding, Columns, PracticeStanding } from './standing-thinker.js';
import { SAY } from './words.js';

/** A class has tens of thousands of answers: not on the thread that answers. */
const thinkers = new Threads<AboutStanding, Columns | PracticeStanding[]>('standing', {
  file: new URL('./standing-thinker.js', import.meta.url),
  threads: 1,
  waiting: 60,
  seconds: 15,
});

async function thought<T>(about: AboutStanding, signal?: AbortSignal): Promise<T> {
  try {
    return (await thinkers.run(about, signal)) as T;
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    throw new HttpProblem(503, SAY.takesTooLong);
  }
}

export const columnsOf = (
  about: Omit<AboutStanding & { ask: 'columns' }, 'ask'>,
  signal?: AbortSignal,
): Promise<Columns> => thought({ ask: 'columns', ...about }, signal);

export const standingsOf = (
  about: Omit<AboutStanding & { ask: 'rows' }, 'ask'>,
  signal?: AbortSignal,
): Promise<PracticeStanding[]> => thought({ ask: 'rows', ...about }, signal);
