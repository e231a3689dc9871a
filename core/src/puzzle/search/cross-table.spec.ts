import { goalHolds } from '../../teaching/stages/index.js';
import { cubeBy } from '../../core.spec-support.js';
import {
  applyTurn,
  applyTurns,
  copyCube,
  randomCube,
  randomFrom,
  sideOfTurn,
  SIDES,
  turnOf,
  TURNS,
  UP,
} from '../cube/index.js';
import { crossTable } from './cross-table.js';

describe('the table of crosses', () => {
  it('leads to the cross, for every first colour', () => {
    const random = randomFrom(11);
    for (let k = 0; k < 300; k++) {
      const [cube, first] = [randomCube(random), SIDES[k % 6]!] as const;
      const way = crossTable(first).shortest(cube);
      expect(way.length).toBeLessThanOrEqual(8);
      expect(goalHolds(applyTurns(cube, way), 'cross', first)).toBeTrue();
    }
  });

  it('gives a shortest way: no single turn leads nearer by more than one', () => {
    const random = randomFrom(12);
    for (let k = 0; k < 60; k++) {
      const cube = randomCube(random);
      const { length } = crossTable(UP).shortest(cube);
      const nearest = Math.min(
        ...TURNS.map((turn) => {
          const turned = copyCube(cube);
          applyTurn(turned, turn);
          return crossTable(UP).shortest(turned).length;
        }),
      );
      expect(nearest).toBe(Math.max(0, length - 1));
    }
  });

  it('knows what little is needed after a few turns, and nothing after none', () => {
    expect(crossTable(UP).shortest(cubeBy(''))).toEqual([]);
    expect(crossTable(UP).shortest(cubeBy('R')).length).toBe(1);
    expect(crossTable(UP).shortest(cubeBy("F R U'")).length).toBeLessThanOrEqual(3);
    // The side opposite does not touch the cross.
    expect(crossTable(UP).shortest(cubeBy('D'))).toEqual([]);
  });

  it('turns the cross’s own side as late as can be', () => {
    for (const first of SIDES) {
      const cube = applyTurns(cubeBy(''), [turnOf(first, 1)]);
      const [only] = crossTable(first).shortest(cube);
      expect(sideOfTurn(only!)).toBe(first);
    }
  });
});
