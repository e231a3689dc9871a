import { cubeBy } from '../../core.spec-support.js';
import {
  applyTurn,
  applyTurns,
  copyCube,
  type Cube,
  randomCube,
  randomFrom,
  sameCube,
  solvedCube,
  TURN_COUNT,
  TURNS,
} from '../cube/index.js';
import {
  type Coordinate,
  CORNER_ORDER,
  FLIP,
  MIDDLE_ORDER,
  OUTER_ORDER,
  SLICE,
  TWIST,
} from './coordinates.js';
import { scramble } from './scramble.js';
import { makeWayTables } from './way-tables.js';
import { wayBetween } from './way.js';

describe('what the two-phase search sees of a cube', () => {
  const all: Record<string, Coordinate> = {
    TWIST,
    FLIP,
    SLICE,
    CORNER_ORDER,
    OUTER_ORDER,
    MIDDLE_ORDER,
  };
  for (const [name, coordinate] of Object.entries(all)) {
    it(`numbers every one of ${coordinate.count}, the solved cube's 0: ${name}`, () => {
      expect(coordinate.of(solvedCube())).toBe(0);
      let wrong = 0;
      for (let number = 0; number < coordinate.count; number++) {
        if (coordinate.of(coordinate.make(number)) !== number) wrong++;
      }
      expect(wrong).toBe(0);
    });
  }
});

describe('a short way', () => {
  const tables = makeWayTables();
  const leads = (from: Cube, to: Cube): number => {
    const way = wayBetween(tables, from, to);
    expect(sameCube(applyTurns(copyCube(from), way), to)).toBeTrue();
    return way.length;
  };

  it('leads from any cube to any other, in 21 turns or less on average', () => {
    const random = randomFrom(41);
    const lengths = Array.from({ length: 40 }, () => leads(randomCube(random), randomCube(random)));
    expect(lengths.reduce((sum, length) => sum + length) / lengths.length).toBeLessThan(21);
    expect(Math.max(...lengths)).toBeLessThanOrEqual(30);
  });

  it('is the shortest where three turns or less will do, for every such cube', () => {
    // Breadth first, so that each cube is met at its true distance.
    const key = (cube: Cube): string => cube.join();
    const met = new Set([key(solvedCube())]);
    let edge = [solvedCube()];
    for (let distance = 1; distance <= 3; distance++) {
      const next: Cube[] = [];
      for (const cube of edge) {
        for (const turn of TURNS) {
          const turned = copyCube(cube);
          applyTurn(turned, turn);
          if (met.has(key(turned))) continue;
          met.add(key(turned));
          next.push(turned);
        }
      }
      edge = next;
      const lengths = new Set(edge.map((cube) => wayBetween(tables, cube, solvedCube()).length));
      expect([...lengths]).toEqual([distance]);
    }
    expect(met.size).toBe(1 + 18 + 243 + 3240);
  });

  it('never takes more turns than were made, up to eight', () => {
    const random = randomFrom(42);
    for (let k = 0; k < 150; k++) {
      const from = randomCube(random);
      const turns = Array.from({ length: 1 + (k % 8) }, () => TURNS[random(TURN_COUNT)]!);
      expect(leads(from, applyTurns(copyCube(from), turns))).toBeLessThanOrEqual(turns.length);
    }
  });

  it('is found where the tables say little: half turns only, and all edges flipped in place', () => {
    expect(leads(cubeBy('R2 L2 U2 D2 F2 B2'), solvedCube())).toBe(6);
    expect(leads(cubeBy('(R2 U2 F2)3 L2'), solvedCube())).toBeLessThanOrEqual(10);
    const flipped = solvedCube().map((value, place) => (place < 8 ? value : value ^ 1));
    expect(leads(flipped, solvedCube())).toBeLessThanOrEqual(24);
  });

  it('takes no turns to where one is', () => {
    expect(leads(solvedCube(), solvedCube())).toBe(0);
  });

  it('refuses a cube that no turns lead to', () => {
    const twisted = solvedCube();
    twisted[0] = 1;
    expect(() => wayBetween(tables, twisted, solvedCube())).toThrowError(RangeError);
  });

  it('scrambles: the same seed the same turns, leading to its random cube', () => {
    const turns = scramble(tables, randomFrom(7));
    expect(turns).toEqual(scramble(tables, randomFrom(7)));
    expect(applyTurns(solvedCube(), turns)).toEqual(randomCube(randomFrom(7)));
  });
});
