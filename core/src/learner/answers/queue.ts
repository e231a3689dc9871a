import type { Card, CardBook } from './cards.js';
import { cardKey, type CardKind, type Review } from './review.js';

/** A card to be asked. */
export interface Asked {
  readonly kind: CardKind;
  readonly item: string;
  /** Why it comes now. */
  readonly because:
    | 'wrong'
    | 'confused'
    | 'due'
    /** It was never answered. */
    | 'new';
}

/** Something that can be learned: a card that was never answered, and how many turns it has. */
export interface Fresh {
  readonly kind: CardKind;
  readonly item: string;
  readonly turns: number;
}

/** After so many other cards one that went wrong comes back. */
const LATER = 3;

/**
 * The card to ask next: one that went wrong a little while ago, then what it was taken for, so that
 * the two come one after the other; then what is due, that which is likeliest forgotten first, not
 * twice of the same kind of thing in a row where it can be helped; null when nothing is.
 */
export function nextCard(
  book: CardBook,
  today: number,
  /** The answers of this session, oldest first. */
  session: readonly Review[],
  /** Whether a card may be asked: of what this person is learning. */
  wanted: (card: Pick<Card, 'kind' | 'item'>) => boolean = () => true,
): Asked | null {
  const again = comesBack(book, session, wanted);
  if (again) return again;
  const last = session.at(-1);
  const soon = tooSoon(session);
  let best: Card | undefined;
  let bestRecall = Infinity;
  let other: Card | undefined;
  let otherRecall = Infinity;
  for (const card of book.cards.values()) {
    if (card.dueDay > today || !wanted(card)) continue;
    if (last && cardKey(last) === cardKey(card)) continue;
    if (soon.has(cardKey(card))) continue;
    const recall = book.recall(card.kind, card.item, today);
    if (recall < bestRecall) [best, bestRecall] = [card, recall];
    if (
      last &&
      (card.kind !== last.kind || groupOf(card) !== groupOf(last)) &&
      recall < otherRecall
    ) {
      [other, otherRecall] = [card, recall];
    }
  }
  const chosen = other && otherRecall < bestRecall + NEARLY ? other : best;
  return chosen
    ? { kind: chosen.kind, item: chosen.item, because: 'due' }
    : earliest(book, [...soon.values()], today, wanted);
}

/** A little less forgotten is worth it for a change. */
const NEARLY = 0.1;

/** Cases of one approach belong together. */
const groupOf = ({ item }: Pick<Card, 'item'>): string => item.split('/')[0]!;

/** What went wrong just now, by card, oldest first: it comes back after others, while there are any. */
function tooSoon(session: readonly Review[]): Map<string, Review> {
  const soon = new Map<string, Review>();
  for (const review of session.slice(-LATER)) {
    soon.delete(cardKey(review));
    if (!review.right) soon.set(cardKey(review), review);
  }
  return soon;
}

/** When nothing else is left: of what went wrong, that which has waited longest. */
function earliest(
  book: CardBook,
  wrong: readonly Review[],
  today: number,
  wanted: (card: Pick<Card, 'kind' | 'item'>) => boolean,
): Asked | null {
  const one = wrong.find(({ kind, item }) => {
    const card = book.card(kind, item);
    return card && card.dueDay <= today && wanted(card);
  });
  return one ? { kind: one.kind, item: one.item, because: 'wrong' } : null;
}

function comesBack(
  book: CardBook,
  session: readonly Review[],
  wanted: (card: Pick<Card, 'kind' | 'item'>) => boolean,
): Asked | null {
  const since = new Map<string, number>();
  session.forEach((review, k) => since.set(cardKey(review), session.length - 1 - k));
  for (const [k, review] of session.entries()) {
    const card = book.card(review.kind, review.item);
    if (!card || review.right || !wanted(card)) continue;
    // Only the last answer to a card says whether it is still to come back.
    const ago = session.length - 1 - k;
    if (since.get(cardKey(review)) === ago && ago >= LATER) {
      return { kind: card.kind, item: card.item, because: 'wrong' };
    }
    const confused = { kind: review.kind, item: review.answer };
    const asked = since.get(cardKey(confused));
    const isCard = review.answer !== '' && book.card(confused.kind, confused.item) !== undefined;
    if (isCard && ago >= LATER && (asked === undefined || asked > ago) && wanted(confused)) {
      return { ...confused, because: 'confused' };
    }
  }
  return null;
}

/** Seconds that what is due on a day will take, as far as is known today. */
export function secondsDue(
  book: CardBook,
  day: number,
  wanted: (card: Pick<Card, 'kind' | 'item'>) => boolean = () => true,
): number {
  let seconds = 0;
  for (const card of book.cards.values()) {
    if (card.dueDay <= day && wanted(card)) seconds += book.pace.seconds(card.kind, card.turns);
  }
  return seconds;
}

/**
 * How many of the fresh cards, in their order, may be begun today, so that tomorrow does not bring
 * more than the seconds one wants to practise: each comes back tomorrow, and takes its time twice.
 */
export function freshToday(
  book: CardBook,
  today: number,
  fresh: readonly Fresh[],
  secondsADay: number,
  wanted?: (card: Pick<Card, 'kind' | 'item'>) => boolean,
): number {
  let load = secondsDue(book, today + 1, wanted);
  let count = 0;
  for (const { kind, turns } of fresh) {
    load += 2 * book.pace.seconds(kind, turns);
    if (load > secondsADay) break;
    count++;
  }
  return count;
}
