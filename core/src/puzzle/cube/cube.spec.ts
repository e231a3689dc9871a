import fc from 'fast-check';
import { STANDARD_SCHEME } from './colours.js';
import {
  compose,
  copyCube,
  inverse,
  isSolved,
  paintStickers,
  sameCube,
  solvedCube,
} from './cube.js';
import { findProblems } from './legality.js';
import { paintedFromCube } from './painted.js';
import { randomCube, randomFrom } from './random.js';
import { SIDES } from './sides.js';
import { applyTurn, applyTurns, inverseTurn, STICKER_TARGETS, turnOf, TURNS } from './turns.js';

const seeds = fc.integer({ min: 0, max: 2 ** 31 });
const someTurns = fc.array(fc.constantFrom(...TURNS), { maxLength: 30 });

describe('a cube', () => {
  it('is solved to begin with and after four quarters of any side, and not in between', () => {
    for (const side of SIDES) {
      const cube = solvedCube();
      const seen = [1, 2, 3, 4].map(() => {
        applyTurn(cube, turnOf(side, 1));
        return isSolved(cube);
      });
      expect(seen).withContext(`side ${side}`).toEqual([false, false, false, true]);
    }
  });

  it('comes back when a turn is undone, for every turn', () => {
    for (const turn of TURNS) {
      const cube = randomCube(randomFrom(turn));
      const before = copyCube(cube);
      applyTurns(cube, [turn, inverseTurn(turn)]);
      expect(sameCube(cube, before)).withContext(`turn ${turn}`).toBeTrue();
    }
  });

  it('moves its pieces exactly as turning moves the stickers, for every turn', () => {
    const before = new Uint8Array(54);
    const after = new Uint8Array(54);
    for (const turn of TURNS) {
      for (let seed = 0; seed < 20; seed++) {
        const cube = randomCube(randomFrom(seed));
        paintStickers(cube, before);
        applyTurn(cube, turn);
        paintStickers(cube, after);
        before.forEach((colour, s) => expect(after[STICKER_TARGETS[turn]![s]!]).toBe(colour));
      }
    }
  });

  it('composes as turns follow each other', () => {
    fc.assert(
      fc.property(someTurns, someTurns, (a, b) => {
        const joined = compose(applyTurns(solvedCube(), a), applyTurns(solvedCube(), b));
        expect(sameCube(joined, applyTurns(solvedCube(), [...a, ...b]))).toBeTrue();
      }),
      { seed: 1 },
    );
  });

  it('is solved when composed with its inverse, either way round', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const cube = randomCube(randomFrom(seed));
        expect(isSolved(compose(cube, inverse(cube)))).toBeTrue();
        expect(isSolved(compose(inverse(cube), cube))).toBeTrue();
      }),
      { seed: 2 },
    );
  });
});

describe('a random cube', () => {
  it('depends on the seed alone and is always one that turns can solve', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const cube = randomCube(randomFrom(seed));
        expect(sameCube(cube, randomCube(randomFrom(seed)))).toBeTrue();
        expect(findProblems(paintedFromCube(cube), STANDARD_SCHEME)).toEqual([]);
      }),
      { seed: 3 },
    );
  });

  it('puts each piece in each place about equally often', () => {
    const random = randomFrom(7);
    const counts = new Array<number>(24).fill(0);
    for (let k = 0; k < 24_000; k++) counts[randomCube(random)[19]!]!++;
    // 1000 expected, standard deviation 31: six of them.
    for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(190);
  });
});
