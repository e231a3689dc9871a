import fc from 'fast-check';
import { Gathering } from './gathering.js';

describe('a gathering of what is alike', () => {
  it('numbers each by when it was first met, and counts how often, beyond its first room', () => {
    const WIDTH = 3;
    const rows = fc.array(
      fc.tuple(fc.integer({ min: 0, max: 127 }), fc.integer({ min: 0, max: 127 })),
      { minLength: 1, maxLength: 400 },
    );
    fc.assert(
      fc.property(rows, fc.integer({ min: 1, max: 40 }), (all, spread) => {
        const gathering = new Gathering(WIDTH);
        const known = new Map<string, { at: number; weight: number }>();
        let total = 0;
        for (const [a, b] of all) {
          for (let c = 0; c < spread; c++) {
            const weight = 1 + (a % 3);
            total += weight;
            const key = `${a},${b},${c}`;
            const at = gathering.add(Uint8Array.of(a, b, c), weight);
            const before = known.get(key);
            known.set(key, { at, weight: (before?.weight ?? 0) + weight });
            expect(at).toBe(before?.at ?? known.size - 1);
          }
        }
        const { codes, weight, count } = gathering.all();
        expect(count).toBe(known.size);
        for (const [key, one] of known) {
          expect(codes.subarray(one.at * WIDTH, (one.at + 1) * WIDTH).join()).toBe(key);
          expect(weight[one.at]).toBeCloseTo(one.weight / total, 12);
        }
      }),
      { seed: 14, numRuns: 12 },
    );
  });
});
