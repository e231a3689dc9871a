import * as fc from 'fast-check';
import { type Lookable, packed, type Situations } from './situations.js';

/** Answers of a look: two exact ones for each rough one. */
const ROUGH = [0, 0, 1, 1];

/** A few situations, some told roughly at first, with what is good in each and how often it is met. */
export const problems = fc
  .record({ count: fc.integer({ min: 2, max: 5 }), looks: fc.integer({ min: 1, max: 4 }) })
  .chain(({ count, looks }) =>
    fc.record({
      costs: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: looks, maxLength: looks }),
      seen: fc.array(fc.record({ exact: fc.integer({ min: 0, max: 3 }), tells: fc.boolean() }), {
        minLength: looks * count,
        maxLength: looks * count,
      }),
      good: fc.array(fc.integer({ min: 1, max: 7 }), { minLength: count, maxLength: count }),
      weight: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: count, maxLength: count }),
    }),
  )
  .map(({ costs, seen, good, weight }): Situations => {
    const all = weight.reduce((sum, one) => sum + one, 0);
    return {
      lookables: costs.map((cost, round): Lookable => ({
        look: { sticker: `UF${round}.U` },
        cost,
        round,
        answers: [[0], [1], [2], [3]],
        rough: ROUGH,
      })),
      outcomes: [{ case: 'a/one' }, { case: 'a/two' }, { case: 'a/three' }],
      count: good.length,
      seen: Uint8Array.from(seen, ({ exact, tells }) => packed(exact, ROUGH[exact]!, tells)),
      good: Int32Array.from(good),
      words: 1,
      weight: Float64Array.from(weight, (one) => one / all),
      fixed: new Uint8Array(good.length),
    };
  });
