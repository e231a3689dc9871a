import { goalHolds } from '../../teaching/stages/index.js';
import {
  applyTurn,
  applyTurns,
  copyCube,
  type Cube,
  isHome,
  randomCube,
  randomFrom,
  type Side,
  SIDES,
  solvedCube,
  TURNS,
  UP,
} from '../cube/index.js';
import { fewestTo, FIRST_GOALS, type FirstGoal, reachedOf } from './first-steps.js';
import { pairTables } from './pair-tables.js';

const isDone = (goal: FirstGoal, cube: Cube, first: Side): boolean => {
  if (goal === 'daisy') return reachedOf('daisy', cube, first).edges === 4;
  if (!goalHolds(cube, 'cross', first)) return false;
  const pair = pairTables(first).rooms.some(
    ({ corner, edge }) => isHome(cube, corner) && isHome(cube, edge),
  );
  return goal === 'cross' || pair;
};

/** The fewest turns by trying all: breadth first. */
function byTryingAll(goal: FirstGoal, cube: Cube, first: Side, most: number): number {
  let here = [cube];
  for (let turns = 0; turns <= most; turns++) {
    if (here.some((one) => isDone(goal, one, first))) return turns;
    here = here.flatMap((one) =>
      TURNS.map((turn) => {
        const next = copyCube(one);
        applyTurn(next, turn);
        return next;
      }),
    );
  }
  return most + 1;
}

describe('the first steps planned before the first turn', () => {
  it('lead there, for every first colour', () => {
    const random = randomFrom(21);
    for (const goal of FIRST_GOALS) {
      for (const first of SIDES) {
        const cube = randomCube(random);
        const way = fewestTo(goal, cube, first);
        expect(isDone(goal, applyTurns(copyCube(cube), way), first))
          .withContext(goal)
          .toBeTrue();
        expect(way.length).toBeLessThanOrEqual(goal === 'cross-and-pair' ? 11 : 8);
      }
    }
  });

  it('are as few as any: compared with trying all turns, from cubes a few turns away', () => {
    const random = randomFrom(5);
    for (let k = 0; k < 12; k++) {
      const cube = applyTurns(
        solvedCube(),
        Array.from({ length: 3 }, () => TURNS[random(18)]!),
      );
      for (const goal of ['cross', 'cross-and-pair'] as const) {
        const { length } = fewestTo(goal, cube, UP);
        expect(length)
          .withContext(goal)
          .toBe(byTryingAll(goal, cube, UP, 3));
      }
    }
    const petal = applyTurns(solvedCube(), [TURNS[7]!, TURNS[4]!]);
    expect(fewestTo('daisy', petal, UP).length).toBe(byTryingAll('daisy', petal, UP, 2));
  });

  it('say how much of it is reached', () => {
    expect(reachedOf('cross', solvedCube(), UP)).toEqual({ edges: 4, pairs: 4, done: true });
    const one = applyTurns(solvedCube(), [TURNS[3]!]);
    expect(reachedOf('cross', one, UP)).toEqual({ edges: 3, pairs: 2, done: false });
    expect(reachedOf('daisy', solvedCube(), UP).edges).toBe(0);
  });
});
