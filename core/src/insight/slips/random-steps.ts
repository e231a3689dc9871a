import { type Cube, type Random, randomCube, STANDARD_SCHEME } from '../../puzzle/cube/index.js';
import { type Method, METHODS } from '../../teaching/methods/index.js';
import { readStep, solve } from '../../engine/run/index.js';
import { cubesOf, type MeantStep } from './meant.js';

/** Steps longer than this are not searched for two slips. */
const MOST_MOVES = 14;

export interface Walked {
  method: Method;
  /** The cube before the first of the steps. */
  before: Cube;
  steps: MeantStep[];
}

/** Steps that follow each other in the walk of a random cube by one of the methods, each of 2 to 14 moves. */
export function randomSteps(count: number, random: Random): Walked {
  for (;;) {
    const method = METHODS[random(METHODS.length)]!;
    const start = randomCube(random);
    const walk = solve(start, method);
    if (!walk.ok) throw new Error(walk.error);
    const all = walk.value.steps.map((step): MeantStep => {
      const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
      return { hold, moves: [...lineUp, ...sequence], lineUpCount: lineUp.length };
    });
    const from = random(all.length - count + 1);
    const steps = all.slice(from, from + count);
    if (steps.every(({ moves }) => moves.length > 1 && moves.length <= MOST_MOVES)) {
      return { method, before: cubesOf(start, all)[from]!, steps };
    }
  }
}
