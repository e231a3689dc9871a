import {
  type Card,
  CardBook,
  oldestFirst,
  type Review,
  type WrittenBook,
} from '@sleetcrest/core/learner/answers';
import { fsrsMemory } from '@sleetcrest/memory';

/** What a thread is asked: to add answers to what earlier ones left, or which cards are in it. */
export type AboutFacts =
  | { ask: 'add'; facts: string | null; reviews: readonly Review[] }
  | { ask: 'cards'; facts: string | null };

/** What answers leave, with some added; null where one of them was given before those that are in it. */
export type Reckoned = string | null | Card[];

/** Runs on a thread of its own (thinking.ts). */
export default function reckon(about: AboutFacts): Reckoned {
  const book = bookOf(about.facts);
  if (about.ask === 'cards') return [...book.cards.values()];
  const given = [...about.reviews].sort(oldestFirst);
  for (const review of given) {
    if (!book.follows(review)) return null;
    book.add(review);
  }
  return JSON.stringify(book.written());
}

/** The book that was kept as text; an empty one where none was. */
export function bookOf(facts: string | null): CardBook {
  const memory = fsrsMemory();
  return facts === null
    ? new CardBook(memory)
    : CardBook.from(JSON.parse(facts) as WrittenBook, memory);
}
