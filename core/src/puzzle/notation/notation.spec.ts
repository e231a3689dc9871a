import fc from 'fast-check';
import { cubeBy, moves } from '../../core.spec-support.js';
import { compose, copyCube, HOME_HOLD, isSolved, sameCube, solvedCube } from '../cube/index.js';
import { mirrorMoves } from './mirror.js';
import { applyMoves, countTurns, invertMoves, type Move, MOVES } from './moves.js';
import { readMoves } from './read.js';
import { simplifyMoves } from './simplify.js';
import { DIALECTS, writeMoves } from './write.js';

const someMoves = fc.array(fc.constantFrom(...MOVES), { maxLength: 40 });
const after = (list: Move[]) => {
  const cube = solvedCube();
  return { cube, hold: applyMoves(cube, HOME_HOLD, list) };
};

describe('reading turns', () => {
  it('takes a prime, an i, a 2 and a doubled letter, with or without spaces', () => {
    const meant = moves("R U2 R' F' y");
    for (const text of [
      "RU2R'F'y",
      'R UU Ri Fi y',
      "R U2' R’ F′ y",
      "R, U2, R', F', y",
      "RUUR'Fiy",
    ]) {
      expect(moves(text)).withContext(text).toEqual(meant);
    }
  });

  it('takes brackets with a repeat count, inside each other too', () => {
    const four = "R U R' U'";
    for (const text of [
      "(R U R' U')3",
      "[R U R' U'] x3".replace(' x', 'x'),
      "(R U R' U') × 3",
      "(RUR'U')*3",
    ]) {
      expect(moves(text))
        .withContext(text)
        .toEqual(moves(`${four} ${four} ${four}`));
    }
    expect(moves('((R)2 U)2')).toEqual(moves('R R U R R U'));
    expect(moves("(R U)'")).toEqual(moves("U' R'"));
  });

  it('knows two turns from a half turn: R R is two, RR is one', () => {
    expect(countTurns(moves('R R'))).toBe(2);
    expect(countTurns(moves('RR'))).toBe(1);
    expect(countTurns(moves('x R y2 z'))).toBe(1);
  });

  it('reads back what it writes, in every dialect', () => {
    for (const dialect of DIALECTS) {
      fc.assert(
        fc.property(someMoves, (list) => {
          expect(moves(writeMoves(list, dialect))).toEqual(list);
        }),
        { seed: 1 },
      );
    }
  });

  it('names the token that is no turn and where it stands', () => {
    const wrong: [string, string, number][] = [
      ["R U K' F", "K'", 4],
      ['R u', 'u', 2],
      ['R U3', 'U3', 2],
      ['RRR', 'RRR', 0],
      ["R ' U", "'", 2],
      ['(R U', '(', 0],
      ['R U) F', ')', 3],
      ['(R U]2', ']', 4],
    ];
    for (const [text, token, at] of wrong) {
      const read = readMoves(text);
      expect(read)
        .withContext(text)
        .toEqual({ ok: false, error: jasmine.objectContaining({ token, at }) });
    }
  });

  it('refuses brackets that would grow beyond measure', () => {
    for (const text of ['((((R)99)99)99)99', '(R U)0', '(R)123456789']) {
      expect(readMoves(text).ok).withContext(text).toBeFalse();
    }
  });
});

describe('writing turns', () => {
  it('says them in words as someone beside the cube would', () => {
    const said = writeMoves(moves("R' U F2 y D'"), 'words');
    expect(said).toBe(
      'right side, towards you; top, to the left; front, half way round; whole cube, to the left; bottom, to the left',
    );
  });

  it('has an inverse-letter dialect', () => {
    expect(writeMoves(moves("R U2 R' x'"), 'inverse')).toBe('R U2 Ri xi');
  });
});

describe('moves', () => {
  it('are undone by their inverse', () => {
    fc.assert(
      fc.property(someMoves, (list) => {
        const { cube, hold } = after([...list, ...invertMoves(list)]);
        expect(isSolved(cube)).toBeTrue();
        expect(hold).toBe(HOME_HOLD);
      }),
      { seed: 2 },
    );
  });

  it('do the same when simplified, in no more turns', () => {
    fc.assert(
      fc.property(someMoves, (list) => {
        const short = simplifyMoves(list);
        expect(after(short)).toEqual(after(list));
        expect(countTurns(short)).toBeLessThanOrEqual(countTurns(list));
      }),
      { seed: 3 },
    );
    expect(simplifyMoves(moves("R L R' U U2 U"))).toEqual(moves('L'));
  });

  it('are done by the other hand when mirrored', () => {
    expect(mirrorMoves(moves("R U R' U'"))).toEqual(moves("L' U' L U"));
    expect(mirrorMoves(moves('x y z R2'))).toEqual(moves("x y' z' L2"));
    fc.assert(
      fc.property(someMoves, (list) => {
        expect(mirrorMoves(mirrorMoves(list))).toEqual(list);
      }),
      { seed: 4 },
    );
  });

  it('turn the whole cube without changing it, and the sides meant afterwards', () => {
    expect(sameCube(cubeBy('x y2 z'), solvedCube())).toBeTrue();
    expect(sameCube(cubeBy('y R'), cubeBy('B'))).toBeTrue();
    expect(sameCube(cubeBy('x U'), cubeBy('F'))).toBeTrue();
    expect(sameCube(cubeBy('z U'), cubeBy('L'))).toBeTrue();
    const both = compose(cubeBy('R U'), cubeBy('F'));
    expect(sameCube(copyCube(both), cubeBy('R U F'))).toBeTrue();
  });
});
