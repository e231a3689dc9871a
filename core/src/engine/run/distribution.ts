/**
 * How likely each count of turns is: `p[n]` for n turns, adding up to 1. Made from whole counts,
 * so exact but for the rounding of the division.
 */
export type Distribution = readonly number[];

/** A distribution from how often each count of turns occurred; what is left out did not occur. */
export function distributionOf(counts: readonly (number | undefined)[]): Distribution {
  const whole = Array.from(counts, (count) => count ?? 0);
  const total = whole.reduce((sum, count) => sum + count, 0);
  return whole.map((count) => count / total);
}

/** The turns of two things done after each other that have nothing to do with each other. */
export function together(a: Distribution, b: Distribution): Distribution {
  const sum = new Array<number>(a.length + b.length - 1).fill(0);
  a.forEach((p, n) => b.forEach((q, m) => (sum[n + m]! += p * q)));
  return sum;
}

export const meanOf = (turns: Distribution): number => turns.reduce((sum, p, n) => sum + n * p, 0);

/** The fewest turns that `share` of all cubes need at most. */
export function quantileOf(turns: Distribution, share: number): number {
  let sum = 0;
  // The sums end a little beside 1, from rounding.
  const n = turns.findIndex((p) => (sum += p) >= share - 1e-12);
  return n < 0 ? worstOf(turns) : n;
}

export function worstOf(turns: Distribution): number {
  let n = turns.length - 1;
  while (n > 0 && !(turns[n]! > 0)) n--;
  return n;
}
