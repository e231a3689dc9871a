import { pieceAt, twistAt } from './cube.js';
import { PLACE_COUNT } from './pieces.js';
import { randomCube, randomFrom } from './random.js';

/** How far counts are from all being as likely: about `counts.length − 1` where they are. */
const chiSquared = (counts: readonly number[]): number => {
  const usual = counts.reduce((sum, one) => sum + one, 0) / counts.length;
  return counts.reduce((sum, one) => sum + (one - usual) ** 2 / usual, 0);
};
const DRAWN = 24_000;

describe('chance', () => {
  it('is the same for the same seed, and another for each other', () => {
    const begin = (seed: Parameters<typeof randomFrom>[0]): string => {
      const random = randomFrom(seed);
      return Array.from({ length: 8 }, () => random(1000)).join();
    };
    expect(begin(7)).toBe(begin(7));
    expect(new Set(Array.from({ length: 500 }, (_, seed) => begin(seed))).size).toBe(500);
    expect(begin([1, 2, 3, 4])).not.toBe(begin([1, 2, 3, 5]));
  });

  it('draws every number as often, within a stream and as the first of each stream', () => {
    const one = randomFrom(4180);
    const within = new Array<number>(24).fill(0);
    const firsts = new Array<number>(24).fill(0);
    const pairs = new Array<number>(36).fill(0);
    for (let k = 0; k < DRAWN; k++) {
      within[one(24)]!++;
      firsts[randomFrom(k)(24)]!++;
      // What neighbouring streams begin with has nothing to do with each other.
      pairs[randomFrom(k)(6) * 6 + randomFrom(k + 1)(6)]!++;
    }
    // Beyond these, one seed of thousands would come to lie by chance.
    expect(chiSquared(within)).toBeLessThan(58);
    expect(chiSquared(firsts)).toBeLessThan(58);
    expect(chiSquared(pairs)).toBeLessThan(80);
  });

  it('draws cubes in which every piece is as likely at every place, in every twist', () => {
    const random = randomFrom([11, 12, 13, 14]);
    const met = Array.from({ length: PLACE_COUNT }, () => new Array<number>(24).fill(0));
    for (let k = 0; k < DRAWN; k++) {
      const cube = randomCube(random);
      for (let place = 0; place < PLACE_COUNT; place++) {
        const corner = place < 8;
        const piece = corner ? pieceAt(cube, place) : pieceAt(cube, place) - 8;
        met[place]![piece * (corner ? 3 : 2) + twistAt(cube, place)]!++;
      }
    }
    for (const counts of met) expect(chiSquared(counts)).toBeLessThan(62);
  });
});
