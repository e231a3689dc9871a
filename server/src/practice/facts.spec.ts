import { aReview } from '@sleetcrest/contract/testing';
import { CardBook, type Review } from '@sleetcrest/core/learner/answers';
import { fsrsMemory } from '@sleetcrest/memory';
import { anOwner, migratedDatabase, type TestDatabase } from '../app.spec-support.js';
import { bookOf } from './reckoner.js';
import { PracticeService } from './service.js';

const ITEMS = ['daisy/middle-right', 'daisy/middle-left', 'daisy/bottom-down'];

/** So many answers, a minute apart, some of them wrong. */
const answers = (count: number, from = 0): Review[] =>
  Array.from({ length: count }, (_, k) => {
    const right = (k * 7) % 5 !== 0;
    return aReview({
      kind: 'see',
      item: ITEMS[k % ITEMS.length]!,
      at: new Date(Date.UTC(2026, 9, 1) + (from + k) * 3_600_000).toISOString(),
      right,
      seconds: 2 + ((k * 13) % 9),
      answer: right ? '' : ITEMS[(k + 1) % ITEMS.length]!,
    });
  });

describe('what answers leave', () => {
  let database: TestDatabase;
  let practice: PracticeService;
  let teo: string;
  beforeEach(async () => {
    database = await migratedDatabase();
    practice = new PracticeService(database.sequelize);
    teo = await anOwner(database.sequelize);
  });
  afterEach(() => database.drop());

  const kept = async (): Promise<string | null> =>
    (await practice.facts.of([teo])).get(teo)?.facts ?? null;
  const whole = (all: readonly Review[]): string =>
    JSON.stringify(CardBook.of(all, fsrsMemory()).written());

  it('is kept as they come, and is what all of them leave', async () => {
    const all = answers(500);
    for (let from = 0; from < all.length; from += 125) {
      await practice.add(teo, all.slice(from, from + 125));
      expect(await kept()).toBe(whole(all.slice(0, from + 125)));
    }
    // The same sent again is nothing new.
    expect(await practice.add(teo, all.slice(0, 10))).toEqual({ added: 0, known: 10 });
    expect(await kept()).toBe(whole(all));
  });

  it('is made anew where some were given before those that are in it', async () => {
    const all = answers(60);
    await practice.add(teo, all.slice(30));
    await kept();
    await practice.add(teo, all.slice(0, 30));
    expect(await kept()).toBe(whole(all));
  });

  it('reads only what came since', async () => {
    await practice.add(teo, answers(300));
    await kept();
    // Whatever those said that are in it: they are not read again.
    await database.sequelize.query(`UPDATE practice_reviews SET item = 'something else'`);
    const later = answers(5, 400);
    await practice.add(teo, later);
    const book = bookOf(await kept());
    expect([...book.cards.values()].map(({ item }) => item).sort()).toEqual([...ITEMS].sort());
    expect([...book.cards.values()].reduce((sum, card) => sum + card.answers, 0)).toBe(305);
  });

  it('is the same when many add at one moment', async () => {
    const all = answers(200);
    const parts = Array.from({ length: 10 }, (_, k) => all.slice(k * 20, k * 20 + 20));
    await Promise.all(parts.map((part) => practice.add(teo, part)));
    expect(await kept()).toBe(whole(all));
  });
});
