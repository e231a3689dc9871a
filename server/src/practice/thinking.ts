import type { Card, Review } from '@sleetcrest/core/practice';
import { HttpProblem } from '../http/problem.js';
import { Threads, TooLong } from '../threads/threads.js';

/** Hundreds of thousands of answers take a second to reckon with: not on the thread that answers. */
const reckoners = new Threads<readonly Review[], Card[]>('reckoning', {
  file: new URL('./reckoner.js', import.meta.url),
  ...{ threads: 1, waiting: 20, seconds: 15 },
});

export async function cardsOf(reviews: readonly Review[]): Promise<Card[]> {
  try {
    return await reckoners.run(reviews);
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    throw new HttpProblem(503, 'It takes too long to reckon with all answers; try again later.');
  }
}
