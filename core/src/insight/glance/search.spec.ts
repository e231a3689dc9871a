import * as fc from 'fast-check';
import { GlanceSearch } from './search.js';
import { problems } from './problems.spec-support.js';
import { exactly, roughly, type Situations, TELLS } from './situations.js';

/**
 * What the best tree costs, by trying every look, also those taken, after every other. A look tells
 * exactly once nothing that still can be is told roughly there; a second answer costs nothing.
 */
function bestOfAll(
  { lookables, count, good, weight, seen }: Situations,
  left: readonly number[],
  taken: ReadonlySet<number>,
): number {
  if (left.reduce((bits, s) => bits & good[s]!, -1) !== 0) return 0;
  const total = left.reduce((sum, s) => sum + weight[s]!, 0);
  let best = Infinity;
  for (let look = 0; look < lookables.length; look++) {
    const at = (s: number): number => seen[look * count + s]!;
    const untold = new Set(left.filter((s) => !(at(s) & TELLS)).map((s) => roughly(at(s))));
    const again = taken.has(look);
    if (again && untold.size > 0) continue;
    const key = (s: number): number =>
      untold.has(roughly(at(s))) ? 8 + roughly(at(s)) : exactly(at(s));
    const keys = [...new Set(left.map(key))];
    if (keys.length === 1) continue;
    let cost = again ? 0 : lookables[look]!.cost * total;
    for (const one of keys) {
      const rest = left.filter((s) => key(s) === one);
      cost += bestOfAll(
        { lookables, count, good, weight, seen } as Situations,
        rest,
        new Set([...taken, look]),
      );
    }
    best = Math.min(best, cost);
  }
  return best;
}

describe('the search for a plan of looks', () => {
  const looksOf = ({ lookables }: Situations): number[] => [...lookables.keys()];
  const everything = ({ count }: Situations): number[] => [...Array(count).keys()];

  it('finds what the best of all trees costs, and says no more than that is needed', () => {
    let found = 0;
    fc.assert(
      fc.property(problems, fc.integer({ min: 0, max: 40 }), (situations, work) => {
        const best = bestOfAll(situations, everything(situations), new Set());
        if (best === Infinity) return;
        found++;
        const whole = new GlanceSearch(situations, looksOf(situations), 1e6).run();
        expect(whole.mean).toBeCloseTo(best, 9);
        expect(whole.atLeast).toBeCloseTo(best, 9);
        // Cut off early, it may cost more, and says that less may do; never that more is needed.
        const cut = new GlanceSearch(situations, looksOf(situations), work).run();
        expect(cut.atLeast).toBeLessThanOrEqual(best + 1e-9);
        expect(cut.mean).toBeGreaterThanOrEqual(best - 1e-9);
      }),
      { seed: 4180, numRuns: 3000 },
    );
    expect(found).toBeGreaterThan(1000);
  });

  it('refuses more looks than it can tell apart', () => {
    const [one] = fc.sample(problems, { seed: 1, numRuns: 1 });
    const lookables = Array.from({ length: 33 }, () => one!.lookables[0]!);
    const many = { ...one!, lookables, seen: new Uint8Array(33 * one!.count) };
    expect(() => new GlanceSearch(many, [0], 10)).toThrowError(/33 places/);
  });
});
