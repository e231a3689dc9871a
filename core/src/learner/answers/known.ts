import type { Card, CardBook, Promised } from './cards.js';
import type { CardKind } from './review.js';

/** How far one is with a case: nothing yet, done once alone, or recognised and done on several days. */
export type Grasp = 'new' | 'begun' | 'known' | 'sure';

/** What a case asks to be known: to see it, and to turn its sequence. */
export interface CaseCards {
  readonly case: string;
  /** Empty where a search finds the turns. */
  readonly sequence: string;
}

/** Different days on which something must have gone right before it is sure. */
const DAYS = 2;
/** What is likelier forgotten than this is not sure any more. */
const STILL = 0.7;

/**
 * How far one is with a case: known once it was done alone, seen and turned in one; sure once it
 * was recognised, and done, on different days, and both are likely still there today.
 */
export function graspOf(book: CardBook, { case: id, sequence }: CaseCards, today: number): Grasp {
  const card = (kind: CardKind, item: string): Card | undefined => book.card(kind, item);
  const [see, turn, both] = [card('see', id), card('turn', sequence), card('both', id)];
  const there = (one: Card | undefined): boolean =>
    one !== undefined && one.rightDays >= DAYS && book.recall(one.kind, one.item, today) >= STILL;
  const seen = there(see) || there(both);
  const done = sequence === '' || there(turn) || there(both);
  if (seen && done) return 'sure';
  const alone = both !== undefined && both.rightDays > 0;
  const parts = (see?.rightDays ?? 0) > 0 && (sequence === '' || (turn?.rightDays ?? 0) > 0);
  if (alone || parts) return 'known';
  return see || turn || both ? 'begun' : 'new';
}

const ORDER: readonly Grasp[] = ['new', 'begun', 'known', 'sure'];

/** A stage is as far as the case of it that is least far. */
export const leastOf = (grasps: readonly Grasp[]): Grasp =>
  grasps.reduce<Grasp>((a, b) => (ORDER.indexOf(b) < ORDER.indexOf(a) ? b : a), 'sure');

/** What was promised and what came, by how much was promised. */
export interface Calibration {
  /** From and below, in tenths. */
  readonly from: number;
  readonly to: number;
  readonly answers: number;
  /** On average. */
  readonly promised: number;
  readonly came: number;
}

const EDGES = [0, 0.5, 0.7, 0.8, 0.85, 0.9, 0.95, 1.0001];

/** Answers on later days, gathered by the chance that was promised; only where there are any. */
export function calibrationOf({ promised }: CardBook): Calibration[] {
  return EDGES.slice(1).flatMap((to, k) => {
    const from = EDGES[k]!;
    const here = [...promised.recalls.keys()].filter(
      (at) => promised.recalls[at]! >= from && promised.recalls[at]! < to,
    );
    if (here.length === 0) return [];
    const mean = (of: (at: number) => number): number =>
      here.reduce((sum, at) => sum + of(at), 0) / here.length;
    return [
      {
        from,
        to: Math.min(1, to),
        answers: here.length,
        promised: mean((at) => promised.recalls[at]!),
        came: mean((at) => (promised.right[at] ? 1 : 0)),
      },
    ];
  });
}

/** How many cards come due on each of the days from today; those overdue come today. */
export function dueInDays(
  book: CardBook,
  today: number,
  days: number,
  wanted: (card: Card) => boolean = () => true,
): { cards: number; seconds: number }[] {
  const due = Array.from({ length: days }, () => ({ cards: 0, seconds: 0 }));
  for (const card of book.cards.values()) {
    const at = due[Math.max(0, card.dueDay - today)];
    if (!at || !wanted(card)) continue;
    at.cards++;
    at.seconds += book.pace.seconds(card.kind, card.turns);
  }
  return due;
}

/** The log loss of what was promised: less is better; null where nothing was. */
export function lossOf({ recalls, right }: Promised): number | null {
  if (recalls.length === 0) return null;
  const sum = recalls.reduce((total, recall, k) => {
    const chance = Math.min(0.999, Math.max(0.001, recall));
    return total - Math.log(right[k] ? chance : 1 - chance);
  }, 0);
  return sum / recalls.length;
}
