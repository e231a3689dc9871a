import fc from 'fast-check';
import {
  DOWN,
  HOME_HOLD,
  sameCube,
  solvedCube,
  turnOf,
  TURNS,
  UP,
} from '../../puzzle/cube/index.js';
import { applyMoves, MOVES } from '../../puzzle/notation/index.js';
import { moves, turns } from '../../core.spec-support.js';
import { cameBack, countDone, followSolve, keyBut, layerTurned } from './done-turns.js';

const anyMoves = fc.array(fc.constantFrom(...MOVES), { maxLength: 30 });

describe('the turns of a solve', () => {
  it('lead to the cube they lead to, however the whole cube is turned between them', () => {
    fc.assert(
      fc.property(anyMoves, anyMoves, (scramble, done) => {
        const { cubes, turns, holds } = followSolve(scramble, done);
        const cube = solvedCube();
        const hold = applyMoves(cube, HOME_HOLD, scramble);
        expect(sameCube(cubes[0]!, cube)).toBeTrue();
        applyMoves(cube, HOME_HOLD, done);
        expect(sameCube(cubes[cubes.length - 1]!, cube)).toBeTrue();
        expect([cubes.length, holds.length]).toEqual([turns.length + 1, turns.length]);
        expect(hold).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('count two quarters the same way as one half turn, and never more than came', () => {
    const count = (text: string): number => {
      const solve = followSolve([], moves(text));
      return countDone(solve, 0, solve.turns.length);
    };
    expect(['R', 'R R', 'R R R', "R R'", 'R2 R', 'R L R', "U' U' F"].map(count)).toEqual([
      1, 1, 2, 2, 2, 3, 2,
    ]);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...TURNS), { maxLength: 20 }), (turns) => {
        const solve = followSolve([], turns);
        const counted = countDone(solve, 0, turns.length);
        expect(counted).toBeLessThanOrEqual(turns.length);
        expect(counted).toBeGreaterThanOrEqual(Math.ceil(turns.length / 2));
      }),
    );
  });

  it('are told apart but for one layer', () => {
    fc.assert(
      fc.property(anyMoves, fc.nat(3), (scramble, quarters) => {
        const [cube] = followSolve(scramble, []).cubes;
        const turned = layerTurned(DOWN, cube!)[quarters]!;
        expect(keyBut(DOWN, turned)).toBe(keyBut(DOWN, cube!));
      }),
    );
    const solved = solvedCube();
    const [, quarter] = layerTurned(UP, solved);
    expect(keyBut(DOWN, quarter!)).not.toBe(keyBut(DOWN, solved));
  });

  it('are found to have come back to a cube, the latest time within reach', () => {
    const { cubes } = followSolve([], moves("R R' U2 U2 F"));
    expect(cameBack(cubes, 0, 40)).toBe(4);
    expect(cameBack(cubes, 0, 3)).toBe(2);
    expect(cameBack(cubes, 4, 40)).toBeUndefined();
    expect(turnOf(UP, 2)).toEqual(turns('U2')[0]!);
  });
});
