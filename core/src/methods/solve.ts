import { approachById } from '../approaches/index.js';
import { STANDARD_SCHEME, type ColourScheme } from '../cube/colours.js';
import { copyCube, type Cube } from '../cube/cube.js';
import { HOME_HOLD, sideInHold, type Hold } from '../cube/holds.js';
import { writeCubeDocument } from '../cube/painted.js';
import { FRONT, UP, type Side } from '../cube/sides.js';
import { applyTurns } from '../cube/turns.js';
import { fail, ok, type Result } from '../result.js';
import { goalHolds } from '../stages/goals.js';
import { runnerFor } from './stage-runner.js';
import type { Method, Step, Walkthrough } from './walkthrough.js';

/** More steps than any stage needs; a method that goes on longer goes round in a circle. */
const MOST_STEPS_PER_STAGE = 40;

/**
 * Makes the explained solve of a legal cube by a method, for a first colour given as a side.
 * Stages whose goal holds already yield no step. Fails with a sentence when the method names an
 * approach that is not known, or when an approach cannot deal with the cube.
 */
export function solve(
  start: Cube,
  method: Method,
  first: Side = UP,
  scheme: ColourScheme = STANDARD_SCHEME,
): Result<Walkthrough, string> {
  const cube = copyCube(start);
  const steps: Step[] = [];
  let turnCount = 0;
  let hold: Hold = HOME_HOLD;
  for (const id of method.approaches) {
    const approach = approachById(id);
    if (!approach) return fail(`method ${method.id}: no approach is called ${id}`);
    const { stage } = approach;
    const runner = runnerFor(approach, first, scheme);
    const limit = steps.length + MOST_STEPS_PER_STAGE;
    for (let begun = false; !goalHolds(cube, stage, first); begun = true) {
      const variant = steps.length < limit ? runner.next(cube, hold, begun) : undefined;
      if (!variant) return fail(`${id} does not bring this cube to the goal of ${stage}`);
      const { look, why, pieces } = runner.tell(variant, cube);
      applyTurns(cube, variant.turns);
      hold = variant.holdAfter;
      turnCount += variant.turnCount;
      steps.push({
        stage,
        approach: id,
        case: variant.case.id,
        pieces,
        hold: {
          up: scheme[sideInHold(variant.hold, UP)]!,
          front: scheme[sideInHold(variant.hold, FRONT)]!,
        },
        lineUp: variant.lineUp,
        sequence: variant.sequence,
        look,
        why,
        completes: goalHolds(cube, stage, first) ? stage : null,
      });
    }
  }
  return ok({
    format: 'sleetcrest/walkthrough@1',
    method: method.id,
    firstColour: scheme[first]!,
    start: writeCubeDocument(start, scheme),
    steps,
    turnCount,
  });
}
