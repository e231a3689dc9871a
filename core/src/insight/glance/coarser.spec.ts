import * as fc from 'fast-check';
import { coarser } from './coarser.js';
import { NotTold } from './guessed.js';
import { problems } from './problems.spec-support.js';
import { GlanceSearch } from './search.js';
import type { Situations } from './situations.js';

const sum = (all: Iterable<number>): number => [...all].reduce((total, one) => total + one, 0);

/** What the best plan costs; undefined where what is good cannot be told. */
function best(situations: Situations): number | undefined {
  try {
    return new GlanceSearch(situations, [...situations.lookables.keys()], 1e6).run().mean;
  } catch (error) {
    if (error instanceof NotTold) return undefined;
    throw error;
  }
}

describe('situations without the colours that need not be read', () => {
  it('weigh as much, leave as much that is good, and never promise a cheaper plan', () => {
    let merged = 0;
    fc.assert(
      fc.property(problems, (situations) => {
        const made = coarser(situations);
        expect(made.count).toBeLessThanOrEqual(situations.count);
        expect(sum(made.weight)).toBeCloseTo(sum(situations.weight), 9);
        expect(new Set(made.good)).toEqual(new Set(situations.good));
        if (made.count === situations.count) return;
        merged++;
        const [before, after] = [best(situations), best(made)];
        if (before !== undefined && after !== undefined) {
          expect(after).toBeGreaterThanOrEqual(before - 1e-9);
        }
      }),
      { seed: 54, numRuns: 1500 },
    );
    expect(merged).toBeGreaterThan(20);
  });
});
