import { CardBook, type Card, type Review } from '@sleetcrest/core/practice';
import { fsrsMemory } from '@sleetcrest/memory';

/** What answers leave, card by card. Runs on a thread of its own (threads.ts). */
export default function reckon(reviews: readonly Review[]): Card[] {
  return [...CardBook.of(reviews, fsrsMemory()).cards.values()];
}
