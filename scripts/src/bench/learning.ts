import { performance } from 'node:perf_hooks';
import { randomFrom } from '@sleetcrest/core';
import { gaze, glancePlan } from '@sleetcrest/core/insight/glance';
import { CARD_KINDS, CardBook, nextCard, type Review } from '@sleetcrest/core/learner/answers';
import { APPROACHES } from '@sleetcrest/core/teaching/approaches';
import { fsrsMemory, simulate, type Item } from '@sleetcrest/memory';
import { median, rounded } from './median.js';

const REVIEWS = 100_000;
const CARDS = 2000;
const RUNS = 5;
const DAY = 86_400_000;

/** Answers of somebody who has practised for a year and more. */
function manyReviews(): Review[] {
  const random = randomFrom(14);
  return Array.from({ length: REVIEWS }, (_, k) => {
    const kind = CARD_KINDS[k % CARD_KINDS.length]!;
    const right = random(100) < 86;
    return {
      id: `r${String(k).padStart(7, '0')}`,
      kind,
      right,
      by: 'keys',
      item: `a${random(CARDS / CARD_KINDS.length)}`,
      turns: kind === 'turn' ? 8 : 0,
      seconds: (80 + random(600)) / 100,
      answer: right ? '' : `a${random(20)}`,
      at: new Date(
        Date.UTC(2025, 0, 1) + Math.floor(k / 250) * DAY + (k % 250) * 20_000,
      ).toISOString(),
    };
  });
}

function milliseconds(work: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return rounded(median(times));
}

function practice(): object {
  // As they come to the worker: made again from what the browser keeps.
  const reviews = structuredClone(manyReviews());
  const memory = fsrsMemory();
  const book = CardBook.of(reviews, memory);
  const today = Math.max(...[...book.cards.values()].map(({ lastDay }) => lastDay)) + 2;
  const session = reviews.slice(-60);
  return {
    cards: book.cards.size,
    reviews: reviews.length,
    nextCardMilliseconds: milliseconds(() => nextCard(book, today, session)),
    allowedNextCard: 5,
    allStatesMilliseconds: milliseconds(() => CardBook.of(reviews, memory)),
    allowedAllStates: 500,
  };
}

/** Plans of looks: what they cost, beside going through the patterns and beside the bound. */
function glances(): object {
  let seconds = 0;
  const approaches = APPROACHES.map((approach) => {
    const began = performance.now();
    const plan = glancePlan(gaze(approach), 'around');
    const took = (performance.now() - began) / 1000;
    seconds += took;
    return {
      approach: approach.id,
      mean: rounded(plan.mean),
      worst: plan.worst,
      noPlanBelow: rounded(plan.atLeast),
      best: plan.mean - plan.atLeast < 1e-6,
      inOrderOfPatterns: plan.inOrder === null ? null : rounded(plan.inOrder),
      informationBound: rounded(plan.information),
      seconds: rounded(took),
    };
  });
  return { seconds: rounded(seconds), allowedSeconds: 20, approaches };
}

/** What simulated learners recall for each minute, by how their practice is planned. */
function simulated(): object {
  const items = Array.from({ length: 60 }, (_, k): Item => {
    const at = (k * 37) % 60;
    const like = at % 5 === 0 ? `g${Math.floor((at + 1) / 6)}/${at + 1}` : null;
    return { item: `g${Math.floor(at / 6)}/${at}`, chance: 1 / (1 + at * 0.15), like };
  });
  const setting = { learners: 200, days: 60, minutesADay: 10, seed: 1, items };
  return {
    learners: 200,
    days: 60,
    minutesADay: 10,
    strategies: (['worth', 'listed', 'fixed'] as const).map((strategy) => {
      const { learners: _, ...found } = simulate(strategy, setting);
      return Object.fromEntries(
        Object.entries(found).map(([key, value]) => [
          key,
          typeof value === 'number' ? rounded(value) : value,
        ]),
      );
    }),
  };
}

/** Learning: the next card, all states anew, plans of looks, and simulated learners. */
export const learning = (): object => ({
  practice: practice(),
  glances: glances(),
  simulated: simulated(),
});
