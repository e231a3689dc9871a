import { type Distribution, meanOf } from './distribution.js';

/** The standard deviation, in turns. */
export const spreadOf = (turns: Distribution): number => {
  const mean = meanOf(turns);
  return Math.sqrt(turns.reduce((sum, p, n) => sum + p * (n - mean) ** 2, 0));
};
