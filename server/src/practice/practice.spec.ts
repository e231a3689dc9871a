import { problemSchema } from '@sleetcrest/contract';
import {
  cardsSchema,
  MOST_REVIEWS,
  reviewsPageSchema,
  type ReviewsPage,
} from '@sleetcrest/contract/practice';
import { aReview } from '@sleetcrest/contract/testing';
import { randomFrom } from '@sleetcrest/core';
import { CARD_KINDS, CardBook, INPUTS, type Review } from '@sleetcrest/core/learner/answers';
import { fsrsMemory } from '@sleetcrest/memory';
import { TestApp, type Visitor } from '../app.spec-support.js';
import { PracticeService } from './service.js';

/** Answers as they come over some weeks: several places, kinds and ways of answering. */
function manyReviews(count: number, seed: number): Review[] {
  const random = randomFrom(seed);
  const one = <T>(items: readonly T[]): T => items[random(items.length)]!;
  return Array.from({ length: count }, () => {
    const kind = one(CARD_KINDS);
    const right = random(5) > 0;
    const at = new Date(Date.UTC(2026, 8, 10 + random(60), random(24), random(60)));
    return aReview({
      kind,
      right,
      by: one(INPUTS),
      seconds: (50 + random(900)) / 100,
      item:
        kind === 'turn' ? one(["R U R' U'", 'F2']) : kind === 'read' ? "L'" : one(['a/1', 'a/2']),
      answer: right || kind === 'turn' || kind === 'read' ? '' : one(['', 'a/3']),
      at: at.toISOString().replace('Z', one(['Z', '+01:00', '-08:30'])),
      turns: kind === 'turn' ? 4 : 0,
    });
  });
}

describe('practice', () => {
  let app: TestApp;
  let visitor: Visitor;
  let people = 0;
  beforeAll(async () => (app = await TestApp.start()));
  afterAll(() => app.stop());
  beforeEach(async () => {
    visitor = app.somebody();
    await visitor.signUp(`Amalie ${++people}`);
  });

  const add = (reviews: Review[], who = visitor) =>
    who.ask('POST', '/api/practice/reviews', { reviews });
  async function all(who = visitor): Promise<Review[]> {
    const items: Review[] = [];
    for (let query = ''; ;) {
      const { body } = await who.ask('GET', `/api/practice/reviews${query}`);
      const page: ReviewsPage = reviewsPageSchema.parse(body);
      items.push(...page.items);
      if (!page.next.after) return items;
      query = `?since=${encodeURIComponent(page.next.since)}&after=${page.next.after}`;
    }
  }
  const byId = (a: Review, b: Review): number => (a.id < b.id ? -1 : 1);

  it('keeps answers as they were given, each once, however often they are told', async () => {
    const reviews = manyReviews(40, 1);
    expect((await add(reviews.slice(0, 30))).body as object).toEqual({ added: 30, known: 0 });
    expect((await add(reviews)).body as object).toEqual({ added: 10, known: 30 });
    const changed = { ...reviews[0]!, right: !reviews[0]!.right, answer: '' };
    expect((await add([changed])).body as object).toEqual({ added: 0, known: 1 });
    expect((await all()).sort(byId)).toEqual([...reviews].sort(byId));
  });

  it('tells of nobody else’s, and takes an id that another has', async () => {
    const reviews = manyReviews(5, 2);
    await add(reviews);
    const other = app.somebody();
    await other.signUp('Teo');
    expect(await all(other)).toEqual([]);
    expect((await add(reviews, other)).body as object).toEqual({ added: 5, known: 0 });
  });

  it('reckons the same cards as the pages do, from answers that came in any order', async () => {
    const reviews = manyReviews(450, 3);
    await add(reviews.slice(200));
    await add(reviews.slice(0, 200));
    const { body } = await visitor.ask('GET', '/api/practice/cards');
    const key = (card: { kind: string; item: string }): string => `${card.kind} ${card.item}`;
    const sorted = <T extends { kind: string; item: string }>(cards: Iterable<T>): T[] =>
      [...cards].sort((a, b) => (key(a) < key(b) ? -1 : 1));
    const here = CardBook.of(await all(), fsrsMemory()).cards.values();
    expect(sorted(cardsSchema.parse(body).items)).toEqual(sorted(here));
  });

  it('refuses whole what has one wrong answer in it', async () => {
    const answer = await add([aReview(), aReview({ seconds: -1 })]);
    expect(answer.status).toBe(422);
    expect(problemSchema.parse(answer.body).detail).toContain('reviews.1.seconds');
    expect(await all()).toEqual([]);
  });

  it('takes at once as many as may be sent, however long each is', async () => {
    const turns = "R U R' U' ".repeat(20).trim();
    const long = Array.from({ length: MOST_REVIEWS }, () =>
      aReview({ kind: 'turn', item: turns, answer: turns, turns: 80, right: false }),
    );
    expect((await add(long)).status).toBe(200);
    expect((await all()).length).toBe(MOST_REVIEWS);
  });

  it('has room for so many, and says so', async () => {
    const { id } = await visitor.signUp('Full');
    const small = new PracticeService(app.database.sequelize, 10);
    await small.add(id, manyReviews(10, 4));
    await expectAsync(small.add(id, manyReviews(1, 5))).toBeRejectedWithError(
      /You keep 10 answers/,
    );
  });
});
