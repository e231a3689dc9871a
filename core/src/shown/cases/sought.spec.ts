import {
  isHome,
  PLACES,
  randomCube,
  randomFrom,
  solvedCube,
  STANDARD_SCHEME,
  UP,
} from '../../puzzle/cube/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { solve } from '../../engine/run/index.js';
import { soughtPieces } from './index.js';

describe('the pieces a step tells to find', () => {
  it('are the four that are counted, of every step whose sentence counts them', () => {
    const told = new Set<string>();
    for (const method of METHODS) {
      const sought: number[][] = [];
      const walk = solve(randomCube(randomFrom(7)), method, UP, STANDARD_SCHEME, (choice, first) =>
        sought.push(soughtPieces(choice, first)),
      );
      if (!walk.ok) throw new Error(method.id);
      walk.value.steps.forEach(({ find }, k) => {
        const counted = /Find the four (\w+) (edges|corners)/.exec(find);
        expect(sought[k]!.length)
          .withContext(find)
          .toBe(counted ? 4 : 0);
        if (!counted) return;
        told.add(counted[2]!);
        const size = counted[2] === 'edges' ? 2 : 3;
        for (const piece of sought[k]!) {
          expect(PLACES[piece]!.sides.length).toBe(size);
          expect(PLACES[piece]!.name).toContain('D');
          expect(isHome(solvedCube(), piece)).toBeTrue();
        }
      });
    }
    expect([...told].sort()).toEqual(['corners', 'edges']);
  });
});
