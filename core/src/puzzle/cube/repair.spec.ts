import { cubeBy } from '../../core.spec-support.js';
import { copyCube, type Cube, pieceAt, placeValue, solvedCube, twistAt } from './cube.js';
import { isSolvable, lawsOf } from './laws.js';
import { CORNERS, EDGES, placeNamed, PLACES } from './pieces.js';
import { randomCube, randomFrom } from './random.js';
import { repaired, smallestRepair } from './repair.js';

const random = randomFrom(31);

function turned(cube: Cube, place: number, by: number): Cube {
  const changed = copyCube(cube);
  const kinds = PLACES[place]!.sides.length;
  changed[place] = placeValue(pieceAt(cube, place), (twistAt(cube, place) + by) % kinds);
  return changed;
}

function exchanged(cube: Cube, a: number, b: number): Cube {
  const changed = copyCube(cube);
  [changed[a], changed[b]] = [cube[b]!, cube[a]!];
  return changed;
}

/** How many pieces must be taken out; a corner can be twisted where it is. */
const taken = (cube: Cube): number => {
  const { flip, swap } = smallestRepair(cube);
  return new Set([...(flip === undefined ? [] : [flip]), ...(swap ?? [])]).size;
};

describe('the smallest repair', () => {
  it('is none for a cube that turns can solve', () => {
    for (let k = 0; k < 50; k++) expect(smallestRepair(randomCube(random))).toEqual({});
  });

  it('makes any cube put together by chance one that turns can solve, with two pieces out at most', () => {
    const broken = new Set<string>();
    for (let k = 0; k < 300; k++) {
      let cube = randomCube(random);
      if (random(2) === 0) cube = turned(cube, EDGES[random(12)]!.index, 1);
      cube = turned(cube, random(8), random(3));
      if (random(2) === 0) cube = exchanged(cube, 0, 1 + random(7));
      broken.add(JSON.stringify(lawsOf(cube)));
      expect(isSolvable(repaired(cube, smallestRepair(cube)))).toBeTrue();
      expect(taken(cube)).toBeLessThanOrEqual(2);
    }
    expect(broken.size).toBe(12);
  });

  it('undoes what was put in wrongly on a solved cube: each edge, each corner, each pair', () => {
    for (const { index } of EDGES) {
      expect(smallestRepair(turned(solvedCube(), index, 1))).toEqual({ flip: index });
    }
    for (const { index } of CORNERS) {
      const repair = smallestRepair(turned(solvedCube(), index, 1));
      expect(repair).toEqual({ twist: { place: index, thirds: 2 } });
    }
    for (const places of [CORNERS, EDGES]) {
      for (const { index: a } of places) {
        for (const { index: b } of places.filter(({ index }) => index > a)) {
          expect(smallestRepair(exchanged(solvedCube(), a, b))).toEqual({ swap: [a, b] });
        }
      }
    }
  });

  it('flips the one last-layer edge that does not face up, wherever its piece belongs', () => {
    const cube = turned(cubeBy("z2 R U R' U R U2 R' U"), placeNamed('DB')!.index, 1);
    expect(smallestRepair(cube)).toEqual({ flip: placeNamed('DB')!.index });
  });

  it('takes the edge that is easiest to get at among those equally wrong', () => {
    // No edge is home, and three are flipped: any of the three would do.
    const cycled = solvedCube();
    const edges = EDGES.map(({ index }) => index);
    edges.forEach((place, k) => (cycled[place] = placeValue(edges[(k + 1) % 12]!, 0)));
    const even = exchanged(cycled, 0, 1);
    const cube = ['FR', 'DB', 'UL'].reduce(
      (one, name) => turned(one, placeNamed(name)!.index, 1),
      even,
    );
    expect(smallestRepair(cube)).toEqual({ flip: placeNamed('UL')!.index });
  });
});
