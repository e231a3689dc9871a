import type { PatternApproach } from '../../teaching/approaches/index.js';
import type { CaseWorth, WorthFacts } from '../../engine/facts/index.js';
import { KnownOnly, someStarts, type SomeStarts } from './known-only.js';

/**
 * What knowing each case of an approach is worth, in the order in which they are worth learning: by
 * the turns lost without them; of those that lose nothing, what is met most often first.
 */
export function countWorth(approach: PatternApproach): WorthFacts[string] {
  const some = someStarts(approach);
  const ids = approach.cases.map(({ id }) => id);
  const { turns, met } = new KnownOnly(approach, new Set(ids)).over(some);
  const lost = new Map(ids.map((id) => [id, turnsLost(approach, id, turns, some)]));
  const order = [...ids].sort(
    (a, b) => lost.get(b)! - lost.get(a)! || (met.get(b) ?? 0) - (met.get(a) ?? 0),
  );
  const known = new Set<string>();
  const cases = order.map((id): CaseWorth => {
    known.add(id);
    const { finished, direct } = new KnownOnly(approach, known).over(some);
    return { case: id, lost: lost.get(id)!, finished, direct };
  });
  return { tried: some.numbers.length, starts: some.starts.count, cases };
}

/** The turns that a stage takes more on average if one case alone is not known. */
function turnsLost(
  approach: PatternApproach,
  id: string,
  whole: number,
  starts: SomeStarts,
): number {
  const others = approach.cases.map((one) => one.id).filter((one) => one !== id);
  const { turns, finished } = new KnownOnly(approach, new Set(others)).over(starts);
  const done = finished > 0 ? finished * turns : 0;
  // What is not finished at all is dug out, and the stage done again: twice as long.
  return Math.max(0, done + (1 - finished) * 2 * whole - whole);
}
