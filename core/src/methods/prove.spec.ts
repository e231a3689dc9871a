import type { Approach } from '../approaches/approach.js';
import { approachById, APPROACHES } from '../approaches/index.js';
import { COLOURS } from '../cube/colours.js';
import { paintStickers } from '../cube/cube.js';
import { randomCube, randomFrom } from '../cube/random.js';
import { applyTurns } from '../cube/turns.js';
import { SIDES, UP } from '../cube/sides.js';
import { goalHolds } from '../stages/goals.js';
import { methodById } from './named.js';
import { paintWhatMatters, prove } from './prove.js';
import { runnerFor } from './stage-runner.js';
import { startsOf, usualStageBefore } from './starts.js';

/** Every start of each stage as the practice counts them, and the most turns it may take. */
const STARTS: Record<string, { starts: number; worst: number }> = {
  daisy: { starts: 190_080, worst: 11 },
  // The 24 daisies, and the finished cross, which the daisy's goal takes in.
  'daisy-cross': { starts: 25, worst: 7 },
  'corners-repeat': { starts: 136_080, worst: 64 },
  'middle-turn': { starts: 26_880, worst: 76 },
  'ycross-repeat': { starts: 62_208, worst: 18 },
  'edges-match': { starts: 7_776, worst: 18 },
  'place-left': { starts: 324, worst: 24 },
  'turn-under': { starts: 27, worst: 52 },
};

describe('the proof', () => {
  for (const approach of APPROACHES) {
    it(`brings every start of ${approach.id} to its goal with earlier goals intact`, () => {
      const proof = prove(approach);
      expect(proof.unsolved).toBeNull();
      expect({ starts: proof.starts, worst: proof.worst }).toEqual(STARTS[approach.id]!);
      expect(proof.solved).toBe(proof.starts);
    });
  }

  for (const first of SIDES.filter((side) => side !== UP)) {
    it(`holds for ${COLOURS[first]} first too`, () => {
      for (const approach of APPROACHES) {
        const { starts, solved, worst } = prove(approach, first);
        expect(solved).withContext(approach.id).toBe(starts);
        expect({ starts, worst }).toEqual(STARTS[approach.id]!);
      }
    });
  }

  it('shows a start that a broken sequence fails on', () => {
    const whole = approachById('middle-turn')!;
    const cases = whole.cases.map((one) =>
      one.id === 'middle-turn/left' ? { ...one, sequence: "U' L' U' L U y' R U' R' U'" } : one,
    );
    const proof = prove({ ...whole, cases } as Approach);
    expect(proof.solved).toBeLessThan(proof.starts);
    expect(goalHolds(proof.unsolved!, 'middle', UP)).toBeFalse();
  });

  it('rests on pieces that matter alone: whole cubes are answered as bare ones', () => {
    const random = randomFrom(5);
    const [whole, bare] = [new Uint8Array(54), new Uint8Array(54)];
    for (let k = 0; k < 300; k++) {
      const cube = randomCube(random);
      for (const id of methodById('gentle')!.approaches) {
        const approach = approachById(id)!;
        const runner = runnerFor(approach, UP);
        const { matter } = startsOf(approach.stage, usualStageBefore(approach.stage), UP);
        for (let begun = false; !goalHolds(cube, approach.stage, UP); begun = true) {
          const hold = undefined;
          paintStickers(cube, whole);
          paintWhatMatters(cube, matter, bare);
          const variant = runner.choose(whole, hold, begun);
          expect(variant).toBeDefined();
          expect(runner.choose(bare, hold, begun)).toBe(variant);
          if (approach.keepsHold) break;
          applyTurns(cube, variant!.turns);
        }
        if (approach.keepsHold) break;
      }
    }
  });
});

describe('an approach', () => {
  it('says which case cannot be compiled and why', () => {
    const broken = (change: object): Approach => {
      const daisy = approachById('daisy')!;
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
