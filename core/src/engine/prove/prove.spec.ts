import {
  applyTurns,
  COLOURS,
  HOME_HOLD,
  randomCube,
  randomFrom,
  SIDES,
  UP,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  approachById,
  APPROACHES,
  type PatternApproach,
} from '../../teaching/approaches/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { type Choice, resolveMethod, runnerFor, startsOf } from '../run/index.js';
import { prove } from './prove.js';

const CROSS = 190_080;
const CORNERS = 136_080;
const MIDDLE = 26_880;
const LAST = 62_208;

/** Every start of each stage as the practice counts them, and the most turns it may take. */
const PROVED: Record<string, [starts: number, worst: number]> = {
  daisy: [CROSS, 10],
  // The 24 daisies, and the finished cross, which the daisy's goal takes in.
  'daisy-cross': [25, 7],
  'cross-lift': [CROSS, 20],
  'cross-under': [CROSS, 8],
  'corners-repeat': [CORNERS, 64],
  'corners-match': [CORNERS, 40],
  'corners-three': [CORNERS, 44],
  'corners-white-up': [CORNERS, 40],
  'middle-turn': [MIDDLE, 76],
  'middle-refit': [MIDDLE, 68],
  'middle-eight': [MIDDLE, 68],
  'middle-five': [MIDDLE, 84],
  // Four rooms, each beside the eight sets of finished others.
  pairs: [4 * (384 + 3 * 294 + 3 * 216 + 150), 11],
  'ycross-repeat': [LAST, 18],
  'ycross-alt': [LAST, 18],
  'ycross-two': [LAST, 12],
  'edges-match': [7_776, 18],
  'place-right': [324, 24],
  'place-left': [324, 24],
  'turn-up': [27, 52],
  'turn-under': [27, 52],
  'face-repeat': [7_776, 21],
  'face-two': [7_776, 14],
  'swap-back': [288, 19],
  'swap-right': [288, 19],
  'swap-left': [288, 29],
  'cycle-two': [12, 18],
  'cycle-one': [12, 22],
};

describe('the proof', () => {
  for (const approach of APPROACHES) {
    it(`brings every start of ${approach.id} to its goal with earlier goals intact`, () => {
      const reports: number[] = [];
      const proof = prove(approach, UP, (done, of) => reports.push(done / of));
      expect(proof.unsolved).toBeNull();
      expect([proof.starts, proof.worst]).toEqual(PROVED[approach.id]!);
      expect(proof.solved).toBe(proof.starts);
      expect(reports).toEqual([...reports].sort((a, b) => a - b));
      expect(reports[reports.length - 1]).toBe(1);
    });
  }

  it('finds crosses of 5.81 turns on average, over all their starts', () => {
    expect(prove(approachById('cross-under')!).mean).toBeCloseTo(5.81, 2);
  });

  // The early stages of other colours are run in `solve.spec`: here what is quickly tried whole.
  const quick = APPROACHES.filter(({ id }) => PROVED[id]![0] <= MIDDLE);
  for (const first of SIDES.filter((side) => side !== UP)) {
    it(`holds for ${COLOURS[first]} first too`, () => {
      for (const approach of quick) {
        const { starts, solved, worst } = prove(approach, first);
        expect(solved).withContext(approach.id).toBe(starts);
        expect([starts, worst]).toEqual(PROVED[approach.id]!);
      }
    });
  }

  it('shows a start that a broken sequence fails on', () => {
    const whole = approachById('middle-turn') as PatternApproach;
    const cases = whole.cases.map((one) =>
      one.id === 'middle-turn/left' ? { ...one, sequence: "U' L' U' L U y' R U' R' U'" } : one,
    );
    const proof = prove({ ...whole, cases });
    expect(proof.solved).toBeLessThan(proof.starts);
    expect(goalHolds(proof.unsolved!, 'middle', UP)).toBeFalse();
  });

  it('rests on pieces that matter alone: whole cubes are answered as bare ones', () => {
    const random = randomFrom(5);
    for (const method of METHODS) {
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      for (let k = 0; k < 100; k++) {
        const cube = randomCube(random);
        for (const approach of approaches.value) {
          const { matter } = startsOf(approach.stage, approach.after, UP);
          // The pairs look at each room's own pieces only, which the proof of one room checks.
          const bare = approach.id === 'pairs' ? undefined : matter;
          const runner = runnerFor(approach, UP);
          let hold = HOME_HOLD;
          for (let begun = false; !goalHolds(cube, approach.stage, UP); begun = true) {
            const plan = runner.next(cube, hold, begun);
            const again = runner.next(cube, hold, begun, bare);
            expect(plan.map(said)).toEqual(again.map(said));
            for (const { turns, holdAfter } of plan) {
              applyTurns(cube, turns);
              hold = holdAfter;
            }
          }
        }
      }
    }
  });
});

const said = ({ case: { id }, hold, lineUp, sequence }: Choice): string =>
  [id, hold, lineUp, sequence].join('|');

describe('an approach', () => {
  it('says which case cannot be compiled and why', () => {
    const broken = (change: object): Approach => {
      const daisy = approachById('daisy') as PatternApproach;
      return { ...daisy, cases: [{ ...daisy.cases[0]!, ...change }] };
    };
    const compile = (approach: Approach) => () => runnerFor(approach, UP, COLOURS);
    expect(compile(broken({ sequence: 'R Q' }))).toThrowError(
      /daisy\/middle-right: “Q” at character 3/,
    );
    expect(compile(broken({ seen: { 'FR.U': 'first' } }))).toThrowError(/no sticker is named FR.U/);
    expect(compile(broken({ pieces: ['FB'] }))).toThrowError(/no place is named FB/);
    expect(compile(broken({ look: 'The {colour} edge' }))).toThrowError(/cannot name {colour}/);
  });
});
