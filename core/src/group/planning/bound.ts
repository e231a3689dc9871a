import { Pricer } from './pricing.js';
import type { Programmes } from './programmes.js';
import { type Column, Simplex } from './simplex.js';

/** Rounds in which tables are looked for; what is missing then is added to the bound. */
const ROUNDS = 60;
/** Tables taken in one round. */
const AT_ONCE = 40;
const NEARLY = 1e-6;
/** What it costs to leave a learner out, so that nobody is in the end. */
const LEFT_OUT = -1000;
/** Once no more than this part of the bound could be gained, it is near enough. */
const ENOUGH = 0.005;

/**
 * More than any seating is worth: tables may be taken in parts, and not everybody need have a block of their own. The linear programme over all tables there could be is solved
 * from those a search has seen, by looking for those that are missing (column generation).
 */
export function boundOf(programmes: Programmes, tables: number): number {
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
  let least = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    settle(simplex, pool);
    const found = pricer.missing(simplex.prices());
    const most = found[0]?.more ?? 0;
    // No seating has more tables than this, each worth at most so much more than it is asked for.
    least = Math.min(least, simplex.worth + most * tables);
    if (least - simplex.worth < ENOUGH * least) break;
    pool.push(...found.slice(0, AT_ONCE));
  }
  return least;
}

/** Takes columns of the pool, that of most gain first, until none would gain. */
function settle(simplex: Simplex, pool: readonly Column[]): void {
  for (;;) {
    const prices = simplex.prices();
    let best: Column | undefined;
    let most = NEARLY;
    for (const column of pool) {
      let more = column.worth;
      for (const row of column.rows) more -= prices[row]!;
      if (more > most) [best, most] = [column, more];
    }
    if (!best || !simplex.enter(best)) return;
  }
}
