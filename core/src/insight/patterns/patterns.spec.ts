import {
  applyTurn,
  HOME_HOLD,
  isSolved,
  paintedFromCube,
  randomCube,
  randomFrom,
  sameCube,
  solvedCube,
  STANDARD_SCHEME,
  TURNS,
  UNSEEN,
} from '../../puzzle/cube/index.js';
import { applyMoves, countTurns, invertMove, readMoves } from '../../puzzle/notation/index.js';
import { sidesAlike } from './alike.js';
import { PATTERNS } from './built-in.js';
import { paintedPicture } from './paint.js';

const moves = (text: string) => {
  const read = readMoves(text);
  if (!read.ok) throw new Error(text);
  return read.value;
};

describe('patterns', () => {
  it('that ship show the same on all six sides, each another, and come back to solved', () => {
    const shapes = PATTERNS.map(({ id, turns }) => {
      const cube = solvedCube();
      applyMoves(cube, HOME_HOLD, moves(turns));
      const shape = sidesAlike(cube);
      expect(shape).withContext(id).not.toBeNull();
      expect(countTurns(moves(turns)))
        .withContext(id)
        .toBeLessThanOrEqual(20);
      applyMoves(cube, HOME_HOLD, [...moves(turns)].reverse().map(invertMove));
      expect(isSolved(cube)).withContext(id).toBeTrue();
      return shape;
    });
    expect(new Set(shapes).size).toBe(PATTERNS.length);
    expect(new Set(PATTERNS.map(({ title }) => title)).size).toBe(PATTERNS.length);
  });

  it('are alike only if all sides are: one turn is not', () => {
    expect(sidesAlike(solvedCube())).toBe('000000000');
    for (const turn of TURNS) {
      const cube = solvedCube();
      applyTurn(cube, turn);
      expect(sidesAlike(cube)).toBeNull();
    }
  });

  it('painted by anybody are found where turns lead there, also from some of the stickers', () => {
    const random = randomFrom(8);
    for (let k = 0; k < 40; k++) {
      const cube = randomCube(random);
      const painted = paintedFromCube(cube);
      const whole = paintedPicture(painted, STANDARD_SCHEME);
      expect(whole.possible && sameCube(whole.cube, cube)).toBeTrue();
      const some = Int8Array.from(painted, (colour, at) =>
        at % 9 === 4 || random(3) > 0 ? colour : UNSEEN,
      );
      const found = paintedPicture(some, STANDARD_SCHEME);
      expect(found.possible).toBeTrue();
    }
  });

  it('that no turns lead to say why, and the nearest differs in the fewest stickers', () => {
    const painted = paintedFromCube(solvedCube());
    // Two stickers of one corner exchanged: no such piece. The nearest is the solved cube.
    const [a, b] = [8, 9];
    [painted[a], painted[b]] = [painted[b]!, painted[a]!];
    const found = paintedPicture(painted, STANDARD_SCHEME);
    if (found.possible) throw new Error('no such cube can be');
    expect(found.problems.length).toBeGreaterThan(0);
    expect(isSolved(found.nearest)).toBeTrue();
    expect([...found.changed].sort()).toEqual([a, b].sort());
  });
});
