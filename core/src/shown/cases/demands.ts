import { countTurns, type Move, readMoves } from '../../puzzle/notation/index.js';
import { type Approach, isSearch } from '../../teaching/approaches/index.js';
import { type Hand, handsFor } from '../hands/index.js';
import { turnCountOf } from './case-cards.js';

/** What an approach asks of the head, apart from its turns. */
export interface Demands {
  cases: number;
  /** Different sequences to know by heart; one repeated counts once, lining up not at all. */
  sequences: number;
  /** The case with the longest turning (its title may name `{first}`), and its turns; null where a search finds them. */
  hardest: { id: string; title: string; turns: number } | null;
  /** Mean turns and mean hand cost of the sequences to know; null where there are none. */
  length: number | null;
  handCost: number | null;
}

const sequencesOf = (approach: Approach): string[] =>
  isSearch(approach)
    ? []
    : approach.cases.map(({ sequence }) => sequence).filter((text) => text !== '');

function hardestOf(approach: Approach): Demands['hardest'] {
  if (isSearch(approach)) return null;
  return approach.cases.reduce<Demands['hardest']>((hardest, one) => {
    const turns = turnCountOf(one);
    return hardest && hardest.turns >= turns ? hardest : { id: one.id, title: one.title, turns };
  }, null);
}

function meanOver(
  sequences: readonly string[],
  figure: (moves: readonly Move[]) => number,
): number | null {
  const read = sequences.flatMap((text) => {
    const moves = readMoves(text);
    return moves.ok ? [figure(moves.value)] : [];
  });
  return read.length === 0 ? null : read.reduce((sum, one) => sum + one, 0) / read.length;
}

/** What approaches ask together: a sequence that several share is known once. */
export function demandsOf(approaches: readonly Approach[], hand: Hand = 'right'): Demands {
  const sequences = [...new Set(approaches.flatMap(sequencesOf))];
  return {
    cases: approaches.reduce((sum, { cases }) => sum + cases.length, 0),
    sequences: sequences.length,
    length: meanOver(sequences, countTurns),
    handCost: meanOver(sequences, (moves) => handsFor(moves, hand).cost),
    hardest: approaches
      .map(hardestOf)
      .reduce((a, b) => (a && (!b || a.turns >= b.turns) ? a : b), null),
  };
}
