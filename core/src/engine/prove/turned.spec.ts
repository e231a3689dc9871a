import {
  type Cube,
  cubeFromPainted,
  DOWN,
  faceInHold,
  findProblems,
  FRONT,
  type Hold,
  holdOf,
  holdsWithUp,
  HOME_HOLD,
  paintedFromCube,
  randomCube,
  randomFrom,
  type Side,
  sideInHold,
  STANDARD_SCHEME,
  stickerInHold,
  turnHold,
  UP,
} from '../../puzzle/cube/index.js';
import { APPROACHES } from '../../teaching/approaches/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { type Choice, resolveMethod, runnerFor, runStage } from '../run/index.js';

/** The cube as it is named by someone who holds another side in front and calls it green. */
function renamed(cube: Cube, hold: Hold): Cube {
  const painted = paintedFromCube(cube);
  const seen = painted.map((_, sticker) =>
    faceInHold(hold, painted[stickerInHold(hold, sticker)]! as Side),
  );
  return cubeFromPainted(seen);
}

/** The hold as that person calls it. */
const renamedHold = (hold: Hold, by: Hold): Hold =>
  holdOf(faceInHold(by, sideInHold(hold, UP)), faceInHold(by, sideInHold(hold, FRONT)))!;

const said = ({ case: { id }, lineUp, sequence }: Choice): string => `${id} ${lineUp}|${sequence}`;

describe('a cube turned about its upright axis', () => {
  const quarter = turnHold(HOME_HOLD, 1, 1);

  it('is still a real cube, with the same stages done', () => {
    const random = randomFrom(31);
    for (let k = 0; k < 50; k++) {
      const cube = randomCube(random);
      const turned = renamed(cube, quarter);
      expect(findProblems(paintedFromCube(turned), STANDARD_SCHEME)).toEqual([]);
      expect(goalHolds(turned, 'cross', UP)).toBe(goalHolds(cube, 'cross', UP));
    }
  });

  it('is answered by the same steps in turned holds, by every approach', () => {
    const random = randomFrom(32);
    const met = new Set<string>();
    for (let k = 0; k < 240; k++) {
      const method = METHODS[k % METHODS.length]!;
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      const cube = randomCube(random);
      for (const approach of approaches.value) {
        const runner = runnerFor(approach, UP);
        const up = approach.up === 'first' ? UP : DOWN;
        const hold = holdsWithUp(up)[random(4)]!;
        if (goalHolds(cube, approach.stage, UP)) continue;
        // A search prefers one shortest way of several by the sides' own order.
        if (approach.id !== 'cross-under') {
          const turned = renamed(cube, quarter);
          const plan = runner.next(cube, hold, false);
          const other = runner.next(turned, renamedHold(hold, quarter), false);
          expect(other.map(said)).toEqual(plan.map(said));
          expect(other.map((one) => one.hold)).toEqual(
            plan.map((one) => renamedHold(one.hold, quarter)),
          );
          met.add(approach.id);
        }
        runStage(cube, hold, runner, UP, () => undefined);
      }
    }
    const named = METHODS.flatMap(({ approaches }) => approaches as string[]);
    expect(met.size).toBe(new Set(named).size - 1);
    expect(APPROACHES.length).toBeGreaterThan(met.size);
  });
});
