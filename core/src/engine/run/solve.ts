import {
  type ColourScheme,
  copyCube,
  type Cube,
  fail,
  FRONT,
  type Hold,
  HOME_HOLD,
  ok,
  type Result,
  type Side,
  sideInHold,
  STANDARD_SCHEME,
  UP,
  writeCubeDocument,
} from '../../puzzle/cube/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { resolveMethod } from './resolve.js';
import type { Choice } from './choice.js';
import type { Runner } from './runner.js';
import { runStage } from './stage-run.js';
import { runnerFor } from './stage-runner.js';
import type { Step, Walkthrough } from './walkthrough.js';
import { SAY } from './words.js';

/** A step as the document has it, told on the cube as it stands and is held before the step. */
export function writeStep(
  runner: Runner,
  choice: Choice,
  cube: Cube,
  before: Hold,
  scheme: ColourScheme,
): Step {
  const { find, look, why, pieces } = runner.tell(choice, cube, before);
  return {
    stage: runner.approach.stage,
    approach: runner.approach.id,
    case: choice.case.id,
    pieces,
    hold: {
      up: scheme[sideInHold(choice.hold, UP)]!,
      front: scheme[sideInHold(choice.hold, FRONT)]!,
    },
    lineUp: choice.lineUp,
    sequence: choice.sequence,
    find,
    look,
    why,
    completes: null,
  };
}

/**
 * Makes the explained solve of a legal cube by a method, for a first colour given as a side.
 * Stages whose goal holds already yield no step. `each` is told every step's choice. Fails with a sentence when the method is not a
 * whole one, or when an approach cannot deal with the cube.
 */
export function solve(
  start: Cube,
  method: Method,
  first: Side = UP,
  scheme: ColourScheme = STANDARD_SCHEME,
  each: (choice: Choice, first: Side) => void = () => undefined,
): Result<Walkthrough, string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  const cube = copyCube(start);
  const steps: Step[] = [];
  let turnCount = 0;
  let hold: Hold = HOME_HOLD;
  for (const approach of approaches.value) {
    const runner = runnerFor(approach, first, scheme);
    const before = steps.length;
    const end = runStage(cube, hold, runner, first, (choice, before) => {
      steps.push(writeStep(runner, choice, cube, before, scheme));
      turnCount += choice.turnCount;
      each(choice, first);
    });
    if (typeof end === 'string') {
      return fail(SAY.missesGoal({ id: approach.id, stage: approach.stage }));
    }
    if (steps.length > before) steps[steps.length - 1]!.completes = approach.stage;
    hold = end;
  }
  return ok({
    format: 'sleetcrest/walkthrough@2',
    method: method.id,
    firstColour: scheme[first]!,
    start: writeCubeDocument(start, scheme),
    steps,
    turnCount,
  });
}
