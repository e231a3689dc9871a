import type { Memory, Trace } from './memory.js';
import { Pace, type WrittenPace } from './pace.js';
import {
  CARD_KINDS,
  cardKey,
  type CardKind,
  dayNumber,
  oldestFirst,
  type Review,
} from './review.js';

/** What the answers to one card leave. */
export interface Card {
  readonly kind: CardKind;
  readonly item: string;
  trace: Trace;
  /** Days are counted from 1970-01-01. */
  lastDay: number;
  dueDay: number;
  answers: number;
  /** Times it was known on another day and then not. */
  lapses: number;
  /** Whether the last answer was right, and on how many different days one was. */
  right: boolean;
  rightDays: number;
  lastRightDay: number;
  turns: number;
}

/** What was promised of cards on later days, and what came: numbers side by side, as there are many. */
export interface Promised {
  readonly recalls: number[];
  readonly right: boolean[];
}

/** Two cases taken for each other: what it was, what was said, and how often. */
export interface Confusion {
  readonly was: string;
  readonly said: string;
  times: number;
  lastDay: number;
}

/** A book as it is kept, to add later answers to without the earlier ones. Plain JSON. */
export interface WrittenBook {
  readonly cards: readonly Card[];
  readonly confusions: readonly Confusion[];
  readonly pace: WrittenPace;
  /** The last answer in it; null in an empty one. */
  readonly last: Pick<Review, 'at' | 'id'> | null;
}

/** Nine of ten are to be recalled when a card comes back. */
const RETENTION = 0.9;

/**
 * All cards as a person's answers leave them, in the order they were given: the same wherever the same
 * answers are. A book that was written goes on as the whole would.
 */
export class CardBook {
  readonly cards = new Map<string, Card>();
  pace = new Pace();
  readonly promised: Promised = { recalls: [], right: [] };
  readonly confusions = new Map<string, Confusion>();
  // The same cards: naming one takes longer than finding it.
  private readonly byKind = Object.fromEntries(
    CARD_KINDS.map((kind) => [kind, new Map<string, Card>()]),
  ) as Readonly<Record<CardKind, Map<string, Card>>>;
  private last: Pick<Review, 'at' | 'id'> | undefined;

  constructor(private readonly memory: Memory) {}

  /** The book of answers in any order, each counted once. */
  static of(reviews: readonly Review[], memory: Memory): CardBook {
    const book = new CardBook(memory);
    for (const review of inOrder(reviews)) book.add(review);
    return book;
  }

  /** A book that goes on where one was written; what was promised before is not in it. */
  static from({ cards, confusions, pace, last }: WrittenBook, memory: Memory): CardBook {
    const book = new CardBook(memory);
    for (const card of cards) {
      book.cards.set(cardKey(card), card);
      book.byKind[card.kind].set(card.item, card);
    }
    for (const one of confusions) book.confusions.set(`${one.was} ${one.said}`, one);
    book.pace = Pace.from(pace);
    book.last = last ?? undefined;
    return book;
  }

  /** What is to be kept of it. */
  written(): WrittenBook {
    return {
      cards: [...this.cards.values()],
      confusions: [...this.confusions.values()],
      pace: this.pace.written(),
      last: this.last ? { at: this.last.at, id: this.last.id } : null,
    };
  }

  /** Whether an answer comes after all that are in the book, so that it can just be added. */
  follows(review: Review): boolean {
    return !this.last || oldestFirst(this.last, review) < 0;
  }

  /** Adds an answer given after all others. */
  add(review: Review): void {
    this.last = review;
    const day = dayNumber(review.at);
    const rating = this.pace.take(review);
    const card = this.card(review.kind, review.item);
    const days = card ? Math.max(0, day - card.lastDay) : 0;
    let recall: number | undefined;
    if (card && days > 0) {
      recall = this.memory.recall(card.trace, days);
      this.promised.recalls.push(recall);
      this.promised.right.push(review.right);
    }
    const trace = this.memory.after(card?.trace ?? null, days, rating, recall);
    // Written out, not spread from parts: all cards are then made alike, and read in half the time.
    const now: Card = card ?? {
      kind: review.kind,
      item: review.item,
      trace,
      lastDay: day,
      dueDay: day,
      answers: 0,
      lapses: 0,
      right: false,
      rightDays: 0,
      lastRightDay: -1,
      turns: review.turns,
    };
    if (!card) {
      this.cards.set(cardKey(review), now);
      this.byKind[review.kind].set(review.item, now);
    }
    if (card && !review.right && days > 0 && card.right) now.lapses++;
    now.trace = trace;
    now.lastDay = day;
    now.dueDay = day + (review.right ? Math.max(1, this.memory.daysUntil(trace, RETENTION)) : 0);
    now.answers++;
    now.right = review.right;
    if (review.right && now.lastRightDay !== day) {
      now.rightDays++;
      now.lastRightDay = day;
    }
    if (!review.right && review.answer !== '') this.confuse(review, day);
  }

  card(kind: CardKind, item: string): Card | undefined {
    return this.byKind[kind].get(item);
  }

  /** The chance to answer a card today; 0 for one never answered. */
  recall(kind: CardKind, item: string, today: number): number {
    const card = this.card(kind, item);
    if (!card) return 0;
    if (card.lastDay >= today) return card.right ? 1 : this.memory.recall(card.trace, 1);
    return this.memory.recall(card.trace, today - card.lastDay);
  }

  private confuse({ item, answer }: Review, day: number): void {
    const key = `${item} ${answer}`;
    const known = this.confusions.get(key);
    if (known) {
      known.times++;
      known.lastDay = day;
    } else this.confusions.set(key, { was: item, said: answer, times: 1, lastDay: day });
  }
}

/** Each answer once, oldest first. */
export function inOrder(reviews: readonly Review[]): readonly Review[] {
  // As they are mostly kept already, which is soon seen.
  if (reviews.every((review, k) => k === 0 || oldestFirst(reviews[k - 1]!, review) < 0)) {
    return reviews;
  }
  const numbers = [...new Map(reviews.map(({ id }, k) => [id, k])).values()];
  // Moments are read once, since there may be many thousands.
  const moments = Float64Array.from(reviews, ({ at }) => Date.parse(at));
  numbers.sort((a, b) => moments[a]! - moments[b]! || (reviews[a]!.id < reviews[b]!.id ? -1 : 1));
  return numbers.map((k) => reviews[k]!);
}
