import {
  type Painted,
  paintedFromCube,
  randomCube,
  randomFrom,
  UNSEEN,
  unseenCube,
} from '@sleetcrest/core';
import { inferred, nextQuestion, possible, tellingSticker } from '@sleetcrest/core/insight/entry';
import { rounded } from './median.js';

const CUBES = 2000;

type Ask = (known: Painted, given: Painted) => number;

/** Each order of asking, and how many taps it may take on average and at worst. */
const ORDERS: Record<string, { ask: Ask; allowedMean: number; allowedWorst: number }> = {
  reading: { ask: (known) => known.indexOf(UNSEEN), allowedMean: 33.5, allowedWorst: 36 },
  asked: {
    ask: (known) => nextQuestion(known)?.sticker ?? -1,
    allowedMean: 32,
    allowedWorst: 36,
  },
  telling: {
    ask: (known, given) => tellingSticker(known, possible(given)),
    allowedMean: 32,
    allowedWorst: 36,
  },
};

function taps(full: Painted, ask: Ask): number {
  const given = unseenCube();
  let known = inferred(given);
  for (let count = 0; ; count++) {
    const sticker = ask(known, given);
    if (sticker < 0) return count;
    given[sticker] = full[sticker]!;
    known = inferred(given);
  }
}

/** How many stickers must be told of a random cube, of 48, until the others follow. */
export function tapCounts(): object {
  const counted = Object.entries(ORDERS).map(([name, { ask, allowedMean, allowedWorst }]) => {
    const random = randomFrom(4);
    const counts = Array.from({ length: CUBES }, () =>
      taps(paintedFromCube(randomCube(random)), ask),
    );
    const mean = rounded(counts.reduce((sum, count) => sum + count, 0) / CUBES);
    return [name, { cubes: CUBES, mean, worst: Math.max(...counts), allowedMean, allowedWorst }];
  });
  return Object.fromEntries(counted) as object;
}
