import { compose, type Cube, PLACE_COUNT, solvedCube } from '../../puzzle/cube/index.js';
import type { MeantStep } from './meant.js';
import { Sequence, walkOn } from './sequence.js';

/** The cubes that one slip in a step leads to, each once; a few may be as meant all the same. */
export function slippedCubes(before: Cube, step: MeantStep): Cube[] {
  const sequence = new Sequence(step, solvedCube(), true);
  const met = new Map<string, Cube>();
  walkOn(sequence, { at: 0, hold: step.hold, cube: before }, (cube, at, hold) => {
    const { effects } = sequence.outcomes(at, hold);
    for (let from = 0; from < effects.length; from += PLACE_COUNT) {
      const slipped = compose(cube, effects.subarray(from, from + PLACE_COUNT));
      met.set(slipped.join(), slipped);
    }
  });
  return [...met.values()];
}
