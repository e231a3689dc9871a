import * as fc from 'fast-check';
import {
  countTurns,
  isWholeCube,
  mirrorMoves,
  type Move,
  MOVES,
} from '../../puzzle/notation/index.js';
import { APPROACHES, isSearch } from '../../teaching/approaches/index.js';
import { moves } from '../../core.spec-support.js';
import { ACTIONS, COSTS, type Hand } from './actions.js';
import { handsFor } from './grips.js';

const says = (turns: string, hand?: Hand): string =>
  handsFor(moves(turns), hand)
    .steps.map((step) => step.says)
    .join(' · ');

/** What turns cost at least, tried in every way there is; only for short sequences. */
function cheapest(sequence: readonly Move[], preferred: Hand): number {
  const wrists = [-1, 0, 1];
  const from = (at: number, right: number, left: number): number => {
    if (at === sequence.length) return 0;
    const move = sequence[at]!;
    let least = Infinity;
    for (const r of wrists) {
      for (const l of wrists) {
        const regrip = COSTS.regrip * (Number(r !== right) + Number(l !== left));
        if (isWholeCube(move)) {
          least = Math.min(least, regrip + COSTS.wholeCube + from(at + 1, 0, 0));
          continue;
        }
        for (const { hand, from: may, turnsWrist, cost } of ACTIONS.get(move)!) {
          const [own, other] = hand === 'right' ? [r, l] : [l, r];
          if (may && !may.includes(own as never)) continue;
          const then = own + turnsWrist;
          if (Math.abs(then) > 1) continue;
          const unsteady = turnsWrist !== 0 && other !== 0 ? COSTS.unsteady : 0;
          const here = (cost + unsteady) * (hand === preferred ? 1 : COSTS.otherHand);
          const rest = hand === 'right' ? from(at + 1, then, l) : from(at + 1, r, then);
          least = Math.min(least, regrip + here + rest);
        }
      }
    }
    return least;
  };
  return from(0, 0, 0);
}

const someMoves = fc.array(fc.constantFrom(...MOVES), { maxLength: 4 });

describe('a plan for hands', () => {
  it('does the four turns of each hand as one movement', () => {
    expect(says("R U R' U'")).toBe(
      'right wrist up · right forefinger pulls · right wrist down · left forefinger pushes',
    );
    expect(says("L' U' L U", 'left')).toBe(
      'left wrist up · left forefinger pulls · left wrist down · right forefinger pushes',
    );
  });

  it('says where a hand has to be put back', () => {
    expect(handsFor(moves('R R')).regrips).toBe(1);
    expect(says('R R')).toContain('regrip the right hand');
    expect(handsFor(moves("R R'")).regrips).toBe(0);
    expect(says('y R')).toBe('both hands turn the whole cube · right wrist up');
  });

  it('is the cheapest there is', () => {
    fc.assert(
      fc.property(someMoves, fc.constantFrom<Hand>('right', 'left'), (sequence, hand) => {
        expect(handsFor(sequence, hand).cost).toBeCloseTo(cheapest(sequence, hand), 2);
      }),
      { seed: 4180, numRuns: 300 },
    );
  });

  it('is the same in a mirror for the other hand', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...MOVES), { maxLength: 14 }), (sequence) => {
        const plain = handsFor(sequence, 'right');
        const mirror = handsFor(mirrorMoves(sequence), 'left');
        expect(mirror.cost).toBeCloseTo(plain.cost, 9);
      }),
      { seed: 4180, numRuns: 300 },
    );
  });

  it('does every move once, in order, for every sequence of the built-in cases', () => {
    for (const approach of APPROACHES) {
      for (const one of isSearch(approach) ? [] : approach.cases) {
        const sequence = moves(one.sequence);
        const { steps, cost, regrips } = handsFor(sequence);
        const done = steps.flatMap(({ move }) => (move === null ? [] : [move]));
        expect(done).toEqual(sequence.map((_, k) => k));
        expect(steps.length).toBe(sequence.length + regrips);
        const sum = steps.reduce((total, step) => total + step.cost, 0);
        expect(sum).toBeCloseTo(cost, 2);
        expect(cost).toBeGreaterThanOrEqual(countTurns(sequence) * 0.9);
      }
    }
  });
});
