import {
  applyTurns,
  copyCube,
  type Cube,
  type Hold,
  sameCube,
  type Side,
} from '../../puzzle/cube/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import type { Choice } from './choice.js';
import { MOST_LOOKS } from './tries.js';
import type { Runner } from './runner.js';

/** Why a stage was not brought to its goal: no case fits, or the looks go round in a circle. */
export type Stuck = 'no-case' | 'circle';

/**
 * Does one stage on the cube, in place, until its goal holds. `each` is called before a step's
 * turns are done, with the cube as it stands; `begun` says that the stage was begun before. Gives the hold at the end, or why it is stuck.
 */
export function runStage(
  cube: Cube,
  before: Hold,
  runner: Runner,
  first: Side,
  each: (choice: Choice, hold: Hold) => void,
  matter?: Uint8Array,
  begun = false,
): Hold | Stuck {
  let hold = before;
  for (let looks = 0; !goalHolds(cube, runner.approach.stage, first); looks++) {
    if (looks === MOST_LOOKS) return 'circle';
    const choices = runner.next(cube, hold, begun || looks > 0, matter);
    if (choices.length === 0) return 'no-case';
    for (const choice of choices) {
      each(choice, hold);
      applyTurns(cube, choice.turns);
      hold = choice.holdAfter;
    }
  }
  return hold;
}

/** Where a run that goes round in a circle comes back to a cube it has met: the step before that. */
export function firstRepeat(start: Cube, steps: readonly Choice[]): number {
  const met = [copyCube(start)];
  for (const [k, { turns }] of steps.entries()) {
    const cube = applyTurns(copyCube(met[k]!), turns);
    if (met.some((earlier) => sameCube(earlier, cube))) return k;
    met.push(cube);
  }
  return steps.length - 1;
}
