import type { Card, Review } from '@sleetcrest/core/learner/answers';
import { HttpProblem } from '../http/problem.js';
import { Threads, TooLong } from '../threads/threads.js';
import type { AboutFacts, Reckoned } from './reckoner.js';
import { SAY } from './words.js';

/** Hundreds of thousands of answers take a second to reckon with: not on the thread that answers. */
const reckoners = new Threads<AboutFacts, Reckoned>('reckoning', {
  file: new URL('./reckoner.js', import.meta.url),
  threads: 1,
  waiting: 60,
  seconds: 30,
});

async function reckoned<T extends Reckoned>(about: AboutFacts, signal?: AbortSignal): Promise<T> {
  try {
    return (await reckoners.run(about, signal)) as T;
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    throw new HttpProblem(503, SAY.takesTooLong);
  }
}

/** What answers leave, with some added; null where one of them was given before those that are in it. */
export const withAdded = (
  facts: string | null,
  reviews: readonly Review[],
  signal?: AbortSignal,
): Promise<string | null> => reckoned({ ask: 'add', facts, reviews }, signal);

export const cardsIn = (facts: string | null): Promise<Card[]> => reckoned({ ask: 'cards', facts });
