import {
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  type Random,
  randomCube,
  type Side,
} from '../../puzzle/cube/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { goalHolds, type Stage } from '../../teaching/stages/index.js';
import { resolveMethod, runnerFor, runStage } from '../run/index.js';
import { SAY } from './words.js';

const TRIES = 200;

/**
 * A cube on which all before a stage is done and the stage is not, as solves by the method come to
 * it: random cubes solved up to there.
 * @throws RangeError when the method has no such stage.
 */
export function stageStart(method: Method, stage: Stage, first: Side, random: Random): Cube {
  const approaches = resolveMethod(method);
  const before = approaches.ok ? approaches.value : [];
  const at = before.findIndex((approach) => approach.stage === stage);
  if (at < 0) throw new RangeError(SAY.noSuchStage({ method: method.id, stage }));
  let cube = randomCube(random);
  for (let tries = 0; tries < TRIES; tries++) {
    const start = copyCube(cube);
    let hold: Hold = HOME_HOLD;
    for (const approach of before.slice(0, at)) {
      const end = runStage(start, hold, runnerFor(approach, first), first, () => undefined);
      if (typeof end === 'string') break;
      hold = end;
    }
    const ready = before.slice(0, at).every((approach) => goalHolds(start, approach.stage, first));
    if (ready && !goalHolds(start, stage, first)) return start;
    cube = randomCube(random);
  }
  throw new RangeError(SAY.noStartMet({ stage, tries: TRIES }));
}
