import type { Standing } from './standing.js';

/**
 * How much a learner needs somebody to look after them, for sorting: most of all what slips, then where
 * they have begun and not come through; weighed so that one thing slipping comes before any number begun.
 */
export function needOf(standings: readonly Standing[]): number {
  const count = (which: Standing): number => standings.filter((one) => one === which).length;
  return count('slipping') * 1000 + count('begun') * 10 + (standings.length - count('sure'));
}
