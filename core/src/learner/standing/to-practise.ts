import type { Standing } from './standing.js';

/** What is worth practising first: what slips, what is begun, what was done once, then what comes next. */
const FIRST: readonly Standing[] = ['slipping', 'begun', 'known', 'new'];

/**
 * The cases a learner takes home, by their numbers in the order of the path: two, the most wanted first. Of
 * what is new only what is next, so that nobody is sent on.
 */
export function toPractise(standings: readonly Standing[], count = 2): number[] {
  const firstNew = standings.indexOf('new');
  return standings
    .map((standing, k) => ({ k, rank: FIRST.indexOf(standing) }))
    .filter(({ k, rank }) => rank >= 0 && (standings[k] !== 'new' || k === firstNew))
    .sort((a, b) => a.rank - b.rank || a.k - b.k)
    .slice(0, count)
    .map(({ k }) => k);
}
