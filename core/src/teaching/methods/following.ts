import { type Approach, APPROACHES, canFollow } from '../approaches/index.js';
import { solvesCube } from '../stages/index.js';

/** Whether nothing is left to do after an approach. */
export const isLast = (approach: Approach): boolean => solvesCube(approach.stage);

/** The built-in approaches that can follow one, or begin a method when there is none before. */
export const approachesAfter = (before: Approach | undefined): Approach[] =>
  APPROACHES.filter((one) => canFollow(one, before?.stage ?? null));
