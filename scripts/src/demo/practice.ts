import { countTurns, methodById, type Random, randomFrom, readMoves } from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import {
  CardBook,
  type Fresh,
  freshToday,
  nextCard,
  type Review,
} from '@sleetcrest/core/learner/answers';
import { isSearch } from '@sleetcrest/core/teaching/approaches';
import { fsrsMemory } from '@sleetcrest/memory';
import { idFrom } from './ids.js';
import type { DemoPerson } from './people.js';

const WEEKS = 10;
const DAY = 86_400_000;
/** Sequences shorter than this are not drilled. */
const LEAST_DRILLED = 3;
const MOST_NEW = 4;

/** What somebody of the table can learn: in the order of their method, each case and its sequence. */
function learnable(methodId: string): Fresh[] {
  const approaches = resolveMethod(methodById(methodId)!);
  if (!approaches.ok) throw new Error(approaches.error);
  const seen = new Set<string>();
  return approaches.value.flatMap((approach) =>
    approach.cases.flatMap((one): Fresh[] => {
      const see: Fresh[] =
        approach.cases.length > 1 ? [{ kind: 'see', item: one.id, turns: 0 }] : [];
      if (isSearch(approach) || !('sequence' in one)) return see;
      const moves = readMoves(one.sequence);
      const turns = moves.ok ? countTurns(moves.value) : 0;
      if (turns < LEAST_DRILLED || seen.has(one.sequence)) return see;
      seen.add(one.sequence);
      return [...see, { kind: 'turn', item: one.sequence, turns }];
    }),
  );
}

/** Ten weeks of somebody's practice up to `now`: what was due each day, and some things new. */
export function demoPractice(
  { name, practice }: Required<Pick<DemoPerson, 'name' | 'practice'>>,
  now: Date,
): Review[] {
  const random = randomFrom(practice.seed + 1);
  const fresh = learnable(practice.method).slice(0, practice.begun);
  const book = new CardBook(fsrsMemory());
  const midnight = Math.floor(now.getTime() / DAY) * DAY;
  const reviews: Review[] = [];
  let begun = 0;
  for (let day = WEEKS * 7; day >= 1; day--) {
    if (random(WEEKS * 7) >= practice.days) continue;
    const today = midnight / DAY - day;
    let at = midnight - day * DAY + (17 * 60 + random(90)) * 60_000;
    const session: Review[] = [];
    const give = ({ kind, item, turns }: Fresh, recall: number): void => {
      const right = chance(random) < recall * usualMistakes(practice, item);
      const slow = 1 + (1 - recall) * 1.5;
      const pace = kind === 'turn' ? 2 + 0.9 * turns : 2.4;
      const seconds = Math.round(100 * pace * slow * (0.7 + chance(random) * 0.7)) / 100;
      const review: Review = {
        id: idFrom(`practice ${name} ${reviews.length}`),
        kind,
        item,
        right,
        seconds,
        turns,
        answer: right || kind === 'turn' ? '' : takenFor(practice, item),
        by: 'touch',
        at: new Date(at).toISOString(),
      };
      at += Math.round((seconds + 4) * 1000);
      book.add(review);
      session.push(review);
      reviews.push(review);
    };
    for (let left = 60; left > 0; left--) {
      const next = nextCard(book, today, session);
      const card = next && book.card(next.kind, next.item);
      if (!card) break;
      // What went wrong a minute ago is mostly right now.
      const recall = next.because === 'due' ? book.recall(card.kind, card.item, today) : 0.9;
      give(card, recall);
    }
    const some = Math.min(MOST_NEW, freshToday(book, today, fresh.slice(begun), 8 * 60));
    for (const one of fresh.slice(begun, begun + some)) give(one, 0.75);
    begun += some;
  }
  return reviews;
}

const chance = (random: Random): number => random(1 << 20) / (1 << 20);

type Practice = NonNullable<DemoPerson['practice']>;

/** How much of what is recalled is answered rightly: two cases that look alike are mixed up. */
const usualMistakes = ({ confuses }: Practice, item: string): number =>
  confuses?.includes(item) ? 0.8 : 1;

/** What is said instead: the other of the two that are mixed up; of others it was not kept. */
const takenFor = ({ confuses }: Practice, item: string): string =>
  confuses?.includes(item) ? confuses.find((other) => other !== item)! : '';
