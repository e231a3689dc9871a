import {
  type ColourScheme,
  copyCube,
  type Cube,
  type Hold,
  holdOf,
  sideOfColour,
} from '../../puzzle/cube/index.js';
import { applyMoves, countTurns, type Move, readMoves } from '../../puzzle/notation/index.js';
import type { Step } from './walkthrough.js';
import { SAY } from './words.js';

/** A step made ready to be done: its hold, and its moves with lining up first. */
export interface StepMoves {
  hold: Hold;
  lineUp: Move[];
  sequence: Move[];
}

/**
 * Reads a step's hold and turns.
 * @throws RangeError when the step is not one that Sleetcrest wrote.
 */
export function readStep(
  step: Pick<Step, 'hold' | 'lineUp' | 'sequence'>,
  scheme: ColourScheme,
): StepMoves {
  const hold = holdOf(sideOfColour(scheme, step.hold.up), sideOfColour(scheme, step.hold.front));
  const lineUp = readMoves(step.lineUp);
  const sequence = readMoves(step.sequence);
  if (hold === undefined) {
    throw new RangeError(SAY.noSuchHold({ up: step.hold.up, front: step.hold.front }));
  }
  if (!lineUp.ok) throw new RangeError(lineUp.error.message);
  if (!sequence.ok) throw new RangeError(sequence.error.message);
  return { hold, lineUp: lineUp.value, sequence: sequence.value };
}

/** Does every step on a copy of the start; gives the cube reached and the turns counted. */
export function replay(
  start: Cube,
  steps: readonly Step[],
  scheme: ColourScheme,
): { cube: Cube; turnCount: number } {
  const cube = copyCube(start);
  let turnCount = 0;
  for (const step of steps) {
    const { hold, lineUp, sequence } = readStep(step, scheme);
    applyMoves(cube, applyMoves(cube, hold, lineUp), sequence);
    turnCount += countTurns(lineUp) + countTurns(sequence);
  }
  return { cube, turnCount };
}
