import {
  copyCube,
  DOWN,
  HOME_HOLD,
  isSolved,
  randomCube,
  randomFrom,
  STANDARD_SCHEME,
  UP,
} from '../../puzzle/cube/index.js';
import { applyMoves, readMoves } from '../../puzzle/notation/index.js';
import { makeWayTables } from '../../puzzle/search/index.js';
import { approachById, APPROACHES, stagesBefore } from '../../teaching/approaches/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { stageStart } from '../../engine/prove/index.js';
import { replay, solve, stagesOf } from '../../engine/run/index.js';
import { layerTurned } from './done-turns.js';
import { approachesFor, isDone, stagesAfter, stretchesOf } from './stage-orders.js';
import { methodLastLayer, methodWay, shortestLastLayer, shortestThrough, wayBy } from './ways.js';

const played = (turns: string, from: Uint8Array): Uint8Array => {
  const cube = copyCube(from);
  const read = readMoves(turns);
  if (read.ok) applyMoves(cube, HOME_HOLD, read.value);
  return cube;
};

describe('the ways set beside a solve', () => {
  for (const method of METHODS) {
    it(`lead to the goal of each stage, the shortest never longer, by ${method.id}`, () => {
      for (const [k, stage] of stagesOf(method).entries()) {
        const cube = stageStart(method, stage, UP, randomFrom(k + 5));
        const approach = method.approaches.map((id) => approachById(id)!)[k]!;
        const [after = null] = stagesBefore(approach);
        const stretch = { stage, after, from: 0, to: 9, reached: true };
        const way = methodWay(method, stretch, cube, UP, STANDARD_SCHEME)!;
        expect(goalHolds(played(way.turns, cube), stage, UP))
          .withContext(stage)
          .toBeTrue();
        const shortest = shortestThrough(stretch, cube, UP, STANDARD_SCHEME)!;
        expect(goalHolds(played(shortest.turns, cube), stage, UP))
          .withContext(stage)
          .toBeTrue();
        expect(shortest.turnCount).toBeLessThanOrEqual(way.turnCount);
        expect(shortest.exact).toBe(stage === 'cross');
      }
    });
  }

  it('begin by lining the last layer up where that was left', () => {
    const cube = stageStart(METHODS[0]!, 'corner-places', UP, randomFrom(2));
    const approach = approachById('place-left')!;
    const way = wayBy(approach, cube, UP, STANDARD_SCHEME)!;
    for (const turned of layerTurned(DOWN, cube).slice(1)) {
      const other = wayBy(approach, turned, UP, STANDARD_SCHEME)!;
      expect(other.turnCount).toBe(way.turnCount + 1);
      expect(goalHolds(played(other.turns, turned), 'corner-places', UP)).toBeTrue();
    }
    expect(wayBy(approach, randomCube(randomFrom(1)), UP, STANDARD_SCHEME)).toBeUndefined();
  });

  it('solve the last layer, by the method and in few turns', () => {
    const tables = makeWayTables();
    for (const method of METHODS) {
      const cube = stageStart(method, 'yellow-cross', UP, randomFrom(31));
      const way = methodLastLayer(method, cube, UP, STANDARD_SCHEME)!;
      expect(isSolved(played(way.turns, cube)))
        .withContext(method.id)
        .toBeTrue();
      const shortest = shortestLastLayer(cube, tables);
      expect(isSolved(played(shortest.turns, cube))).toBeTrue();
      expect(shortest.turnCount).toBeLessThanOrEqual(way.turnCount);
    }
  });
});

describe('the stages a solve can have', () => {
  it('are those that approaches can take, one after another', () => {
    expect(stagesAfter(null)).toEqual(['daisy', 'cross']);
    expect(stagesAfter('edge-cycle')).toEqual([]);
    for (const approach of APPROACHES) {
      for (const after of stagesBefore(approach)) {
        const { stage } = approach;
        expect(stagesAfter(after)).toContain(stage);
        const others = APPROACHES.filter(
          (one) => one.stage === stage && stagesBefore(one).includes(after),
        );
        expect(approachesFor({ stage, after })).toEqual(others);
      }
    }
  });

  it('end where their goal comes to hold, also where the last layer is not lined up', () => {
    const cube = randomCube(randomFrom(12));
    const walk = solve(cube, METHODS[0]!);
    if (!walk.ok) throw new Error(walk.error);
    const cubes = walk.value.steps.map(
      (_, k) => replay(cube, walk.value.steps.slice(0, k), STANDARD_SCHEME).cube,
    );
    const [stretch] = stretchesOf(cubes, { stage: 'cross', after: 'daisy' }, 0, UP);
    expect(goalHolds(cubes[stretch!.to]!, 'cross', UP)).toBeTrue();
    expect(goalHolds(cubes[stretch!.to - 1]!, 'cross', UP)).toBeFalse();
    const done = stageStart(METHODS[0]!, 'corner-places', UP, randomFrom(4));
    for (const turned of layerTurned(DOWN, done)) {
      expect(isDone(turned, 'yellow-edges', UP)).toBeTrue();
      expect(isDone(turned, 'corner-places', UP)).toBeFalse();
    }
    const never = stretchesOf(cubes.slice(0, 2), { stage: 'middle', after: 'corners' }, 0, UP);
    expect(never).toEqual([{ stage: 'middle', after: 'corners', from: 0, to: 1, reached: false }]);
  });
});
