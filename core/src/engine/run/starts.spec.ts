import {
  COLOURS,
  type Cube,
  findProblems,
  isHome,
  layersOf,
  paintedFromCube,
  pieceAt,
  PLACES,
  SIDES,
  UP,
} from '../../puzzle/cube/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { startsOf } from './starts.js';

/** What a stage sees of a cube: the pieces that matter, where they are. */
const seen = (cube: Cube, matter: Uint8Array): string =>
  PLACES.map(({ index }) => (matter[pieceAt(cube, index)] ? cube[index] : '-')).join();

describe('the starts of a stage', () => {
  it('are all different, as far as the stage sees', () => {
    for (const stage of ['corners', 'middle'] as const) {
      const { matter, cube, count } = startsOf(stage, 'cross', UP);
      const all = new Set<string>();
      for (let k = 0; k < count; k++) all.add(seen(cube(k), matter));
      expect(all.size).toBe(count);
    }
  });

  it('have each piece once', () => {
    const { cube, count } = startsOf('daisy', null, UP);
    for (let k = 0; k < count; k += 997) {
      expect(new Set(PLACES.map(({ index }) => pieceAt(cube(k), index))).size).toBe(20);
    }
    expect(count).toBe(190_080);
  });

  it('of the last layer are all its 62,208 cubes that turns can solve, on two finished layers', () => {
    const all = new Set<string>();
    const starts = startsOf('yellow-cross', 'middle', UP);
    for (let k = 0; k < starts.count; k++) {
      const cube = starts.cube(k);
      all.add(cube.join());
      if (k % 101 !== 0) continue;
      expect(findProblems(paintedFromCube(cube), COLOURS)).toEqual([]);
      expect(goalHolds(cube, 'middle', UP)).toBeTrue();
    }
    expect(all.size).toBe(62_208);
  });

  it('keep what was done before, for every first colour', () => {
    for (const first of SIDES) {
      const { firstEdges } = layersOf(first);
      const cube = startsOf('middle', 'corners', first).cube(0);
      expect(firstEdges.every((edge) => isHome(cube, edge))).toBeTrue();
    }
  });
});
