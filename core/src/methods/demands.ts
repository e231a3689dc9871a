import { isSearch, type Approach } from '../approaches/approach.js';
import { turnCountOf } from './case-cards.js';

/** What an approach asks of the head, apart from its turns. */
export interface Demands {
  cases: number;
  /** Different sequences to know by heart; one repeated counts once, lining up not at all. */
  sequences: number;
  /** The case with the longest turning, and its turns; null where a search finds them. */
  hardest: { title: string; turns: number } | null;
}

const sequencesOf = (approach: Approach): string[] =>
  isSearch(approach)
    ? []
    : approach.cases.map(({ sequence }) => sequence).filter((text) => text !== '');

function hardestOf(approach: Approach): Demands['hardest'] {
  if (isSearch(approach)) return null;
  return approach.cases.reduce<Demands['hardest']>((hardest, one) => {
    const turns = turnCountOf(one);
    return hardest && hardest.turns >= turns ? hardest : { title: one.title, turns };
  }, null);
}

/** What approaches ask together: a sequence that several share is known once. */
export function demandsOf(approaches: readonly Approach[]): Demands {
  return {
    cases: approaches.reduce((sum, { cases }) => sum + cases.length, 0),
    sequences: new Set(approaches.flatMap(sequencesOf)).size,
    hardest: approaches
      .map(hardestOf)
      .reduce((a, b) => (a && (!b || a.turns >= b.turns) ? a : b), null),
  };
}
