import { applyTurns, copyCube, type Cube, type Hold } from '../../puzzle/cube/index.js';
import type { Choice } from './choice.js';

/** Starts of a stage, or of a part of it, that are gone through alike, and what is done from each. */
export interface Tries {
  /** A mask by piece of those that may be looked at. */
  readonly matter: Uint8Array;
  readonly count: number;
  /** A fresh copy of start `k`. */
  readonly cube: (k: number) => Cube;
  readonly next: (cube: Cube, hold: Hold, begun: boolean) => readonly Choice[];
  readonly isDone: (cube: Cube) => boolean;
}

/** A step of a try: what is done, on which cube, in which hold until then. */
export interface TriedStep {
  readonly choice: Choice;
  readonly cube: Cube;
  readonly before: Hold;
}

/** More looks than any stage needs; going on longer is going round in a circle. */
export const MOST_LOOKS = 40;

/** The steps from a start, as long as some case fits. The cube given at each is not changed after. */
export function* stepsFrom(
  { next, isDone }: Pick<Tries, 'next' | 'isDone'>,
  start: Cube,
  held: Hold,
): Generator<TriedStep, Cube> {
  let [cube, before] = [start, held];
  for (let looks = 0; looks < MOST_LOOKS && !isDone(cube); looks++) {
    const choices = next(cube, before, looks > 0);
    if (choices.length === 0) break;
    for (const choice of choices) {
      yield { choice, cube, before };
      cube = applyTurns(copyCube(cube), choice.turns);
      before = choice.holdAfter;
    }
  }
  return cube;
}
