import { STANDARD_SCHEME } from './colours.js';
import { copyCube, type Cube, pieceAt, placeValue, solvedCube, twistAt } from './cube.js';
import { findProblems, type Problem } from './legality.js';
import { type Painted, paintedFromCube, UNSEEN } from './painted.js';
import { CORNERS, EDGES, PLACES } from './pieces.js';
import { randomCube, randomFrom } from './random.js';

const problemsOf = (painted: Painted): Problem[] => findProblems(painted, STANDARD_SCHEME);
const kindsOf = (painted: Painted): string[] => problemsOf(painted).map(({ kind }) => kind);
const random = randomFrom(11);
const mixed = (): Cube => randomCube(random);

function twisted(cube: Cube, place: number, by: number): Cube {
  const kinds = PLACES[place]!.sides.length;
  const changed = copyCube(cube);
  changed[place] = placeValue(pieceAt(cube, place), (twistAt(cube, place) + by) % kinds);
  return changed;
}

function swapped(cube: Cube, a: number, b: number): Cube {
  const changed = copyCube(cube);
  [changed[a], changed[b]] = [cube[b]!, cube[a]!];
  return changed;
}

describe('what is wrong with a painted cube', () => {
  it('is nothing for cubes that turns can solve', () => {
    for (let k = 0; k < 500; k++) expect(kindsOf(paintedFromCube(mixed()))).toEqual([]);
  });

  it('is one flipped edge, for each edge, and the repair names it on a solved cube', () => {
    for (const { index } of EDGES) {
      expect(kindsOf(paintedFromCube(twisted(mixed(), index, 1)))).toEqual(['flipped-edge']);
    }
    const [problem] = problemsOf(paintedFromCube(twisted(solvedCube(), EDGES[4]!.index, 1)));
    expect(problem!.pieces).toEqual([['green', 'red']]);
    expect(problem!.repair).toContain('green-red');
  });

  it('is one twisted corner, for each corner and way, and the repair undoes it', () => {
    for (const { index } of CORNERS) {
      for (const by of [1, 2]) {
        expect(kindsOf(paintedFromCube(twisted(mixed(), index, by)))).toEqual(['twisted-corner']);
        const [problem] = problemsOf(paintedFromCube(twisted(solvedCube(), index, by)));
        expect(problem!.stickers).toEqual([...PLACES[index]!.stickers]);
        expect(problem!.repair).toContain(by === 1 ? 'turn counter-clockwise' : 'turn clockwise');
      }
    }
  });

  it('is two swapped pieces, for each pair of corners and each pair of edges', () => {
    for (const places of [CORNERS, EDGES]) {
      for (const { index: a } of places) {
        for (const { index: b } of places) {
          if (a >= b) continue;
          expect(kindsOf(paintedFromCube(swapped(mixed(), a, b)))).toEqual(['swapped-pieces']);
          const [problem] = problemsOf(paintedFromCube(swapped(solvedCube(), a, b)));
          expect(problem!.stickers).toEqual([...PLACES[a]!.stickers, ...PLACES[b]!.stickers]);
        }
      }
    }
  });

  it('tells flip, twist and swap apart when all are there', () => {
    const cube = swapped(twisted(twisted(solvedCube(), 0, 1), EDGES[0]!.index, 1), 2, 3);
    expect(kindsOf(paintedFromCube(cube))).toEqual([
      'flipped-edge',
      'twisted-corner',
      'swapped-pieces',
    ]);
  });

  it('is a mirrored corner when two of its stickers are exchanged, for each corner', () => {
    for (const { stickers, sides } of CORNERS) {
      const painted = paintedFromCube(solvedCube());
      [painted[stickers[1]!], painted[stickers[2]!]] = [
        painted[stickers[2]!]!,
        painted[stickers[1]!]!,
      ];
      const problems = problemsOf(painted);
      expect(problems.map(({ kind }) => kind)).toEqual(['mirrored-corner']);
      expect(new Set(problems[0]!.pieces[0])).toEqual(
        new Set(sides.map((s) => STANDARD_SCHEME[s]!)),
      );
    }
  });

  it('is a piece that does not exist, with the place in words', () => {
    const painted = paintedFromCube(solvedCube());
    // The white-green edge painted white-yellow, its green given to a yellow edge instead.
    const [whiteGreen, yellowGreen] = [EDGES[0]!, EDGES[8]!];
    painted[whiteGreen.stickers[1]!] = 3;
    painted[yellowGreen.stickers[0]!] = 2;
    const problems = problemsOf(painted);
    expect(problems.map(({ kind }) => kind)).toEqual(['no-such-piece', 'no-such-piece']);
    expect(problems[0]!.pieces).toEqual([['white', 'yellow']]);
    expect(problems[0]!.says).toContain('between white and green');
  });

  it('is the same piece twice, with both places marked', () => {
    const painted = paintedFromCube(solvedCube());
    const [whiteGreen, whiteRed] = [EDGES[0]!, EDGES[3]!];
    painted[whiteRed.stickers[1]!] = 2;
    const problem = problemsOf(painted).find(({ kind }) => kind === 'same-piece-twice')!;
    expect(problem.pieces).toEqual([['white', 'green']]);
    expect(new Set(problem.stickers)).toEqual(
      new Set([...whiteGreen.stickers, ...whiteRed.stickers]),
    );
  });

  it('is the count of a colour, for each way of painting one sticker wrong', () => {
    for (let sticker = 0; sticker < 54; sticker++) {
      if (sticker % 9 === 4) continue;
      const painted = paintedFromCube(solvedCube());
      const was = painted[sticker]!;
      painted[sticker] = (was + 1) % 6;
      const [problem, ...rest] = problemsOf(painted);
      expect(problem!.kind).toBe('colour-count');
      expect(problem!.pieces).toEqual([[STANDARD_SCHEME[(was + 1) % 6]!], [STANDARD_SCHEME[was]!]]);
      expect(rest.some(({ stickers }) => stickers.includes(sticker))).toBeTrue();
    }
  });

  it('is unseen while stickers are missing, and impossible colours are told even then', () => {
    const painted = paintedFromCube(solvedCube());
    const corner = CORNERS[0]!;
    painted[corner.stickers[2]!] = UNSEEN;
    expect(problemsOf(painted).map(({ kind, pieces }) => [kind, pieces.length])).toEqual([
      ['unseen', 1],
    ]);
    painted[corner.stickers[1]!] = 3;
    expect(kindsOf(painted)).toContain('no-such-piece');
  });
});
