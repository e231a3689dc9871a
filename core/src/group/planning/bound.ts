import { NEARLY, Pricer } from './pricing.js';
import type { Programmes } from './programmes.js';
import { type Column, Simplex } from './simplex.js';

/** Rounds in which tables are looked for. */
const ROUNDS = 60;
/** Tables taken in one round. */
const AT_ONCE = 40;
/** What it costs to leave a learner out, so that nobody is in the end. */
const LEFT_OUT = -1000;
/** Once no more than this part of the bound could be gained, it is near enough. */
const ENOUGH = 0.005;

/** What no seating is worth more than. */
export interface Bound {
  readonly bound: number;
  /** Whether it was given up before the bound was as low as it can be told. */
  readonly cut: boolean;
}

/**
 * More than any seating is worth: tables may be taken in parts, and not everybody need have a block of
 * their own. The linear programme over all tables there could be is solved from those a search has seen,
 * by looking for those that are missing (column generation). Each round's prices give a bound by
 * themselves, whatever they are: everybody and everything at its price, and for each table there may be
 * what the best one is worth beyond its prices. The least of them is given.
 */
export function boundOf(programmes: Programmes, tables: number): Bound {
  const { learners, blocks } = programmes.gains;
  const [coachRow, tableRow] = [learners, learners + 1];
  const right = [...Array.from({ length: learners }, () => 1), blocks, tables];
  const simplex = new Simplex(
    right,
    right.map((_, row) => ({ rows: [row], worth: row < learners ? LEFT_OUT : 0 })),
  );
  const slacks = [coachRow, tableRow].map((row) => ({ rows: [row], worth: 0 }));
  const pool: Column[] = [
    ...slacks,
    ...programmes.seen.map(({ members, withCoach, value }) => ({
      rows: [...members, ...(withCoach ? [coachRow] : []), tableRow],
      worth: value,
    })),
  ];
  const pricer = new Pricer(programmes.gains, coachRow, tableRow);
  let bound = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const isSettled = simplex.settle(pool);
    const prices = simplex.prices();
    // Blocks beside the coach and tables need not all be taken: a price below nothing is none.
    for (const row of [coachRow, tableRow]) prices[row] = Math.max(0, prices[row]!);
    const found = pricer.missing(prices);
    const most = Math.max(NEARLY, found[0]?.more ?? 0);
    const whole = right.reduce((sum, amount, row) => sum + amount * prices[row]!, 0);
    bound = Math.min(bound, whole + most * tables);
    if (bound - simplex.worth < ENOUGH * bound) return { bound, cut: false };
    if (!isSettled) return { bound, cut: true };
    if (found.length === 0) return { bound, cut: false };
    pool.push(...found.slice(0, AT_ONCE));
  }
  return { bound, cut: true };
}
