import * as fc from 'fast-check';
import { Knowing } from './knowing.js';
import { needsOf } from './needs.js';
import { Parting } from './parting.js';
import { problems } from './problems.spec-support.js';
import { exactly, roughly, type Situations, TELLS } from './situations.js';

const looksOf = ({ lookables }: Situations): number[] => [...lookables.keys()];
const partingOf = (situations: Situations): Parting =>
  new Parting(situations, looksOf(situations), needsOf(situations, looksOf(situations)));

/** What a look shows of each situation, told plainly: roughly while any that looks so is not told. */
function plainly({ count, seen }: Situations, states: readonly number[], look: number): number[] {
  const at = (s: number): number => seen[look * count + s]!;
  const untold = states.filter((s) => (at(s) & TELLS) === 0).map((s) => roughly(at(s)));
  return states.map((s) => (untold.includes(roughly(at(s))) ? 8 + roughly(at(s)) : exactly(at(s))));
}

describe('parting situations by a look', () => {
  it('puts each by what it shows, and tells of each answer how many, how likely and what is good', () => {
    fc.assert(
      fc.property(problems, fc.nat(3), (situations, which) => {
        const { count, good, weight, lookables } = situations;
        const look = which % lookables.length;
        const states = [...Array(count).keys()];
        const parting = partingOf(situations);
        const answers = parting.part(Int32Array.from(states), 0, look);
        const keys = plainly(situations, states, look);
        expect([...parting.keyOf.subarray(0, count)]).toEqual(keys);
        expect(answers).toBe(new Set(keys).size);
        for (const key of new Set(keys)) {
          const those = states.filter((s) => keys[s] === key);
          expect(parting.sizes[key]).toBe(those.length);
          expect(parting.sums[key]).toBeCloseTo(
            those.reduce((sum, s) => sum + weight[s]!, 0),
            12,
          );
          expect(parting.goods[key]).toBe(those.reduce((bits, s) => bits & good[s]!, -1));
        }
      }),
      { seed: 51, numRuns: 500 },
    );
  });

  it('tells nothing by looking again, unless by now everything there is told', () => {
    fc.assert(
      fc.property(problems, fc.nat(3), (situations, which) => {
        const { count, seen, lookables } = situations;
        const look = which % lookables.length;
        const states = Int32Array.from({ length: count }, (_, s) => s);
        const again = partingOf(situations).part(states, 1 << look, look);
        const isTold = [...states].every((s) => (seen[look * count + s]! & TELLS) !== 0);
        if (!isTold) expect(again).toBe(0);
      }),
      { seed: 52, numRuns: 500 },
    );
  });
});

describe('what is known on the way', () => {
  it('after each answer is what it leaves, and the same is known once', () => {
    fc.assert(
      fc.property(problems, (situations) => {
        const parting = partingOf(situations);
        const knowing = new Knowing(situations, parting, true);
        const first = knowing.atFirst();
        for (const look of looksOf(situations)) {
          const children = knowing.after(first, look);
          const all = children.flatMap(({ node }) => [...node.states]);
          expect(all.sort((a, b) => a - b)).toEqual([...first.states]);
          for (const { node } of children) {
            const common = [...node.states].reduce((bits, s) => bits & situations.good[s]!, -1);
            expect(node.decided).toBe(common !== 0);
          }
          const again = knowing.after(first, look);
          again.forEach(({ node }, k) => expect(node).toBe(children[k]!.node));
        }
      }),
      { seed: 53, numRuns: 300 },
    );
  });
});
