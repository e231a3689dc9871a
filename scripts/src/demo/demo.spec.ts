import { logEntrySchema } from '@sleetcrest/contract/log';
import { methodById, STANDARD_SCHEME } from '@sleetcrest/core';
import { reviewSolve } from '@sleetcrest/core/insight/review';
import { CardBook } from '@sleetcrest/core/learner/answers';
import { summarise } from '@sleetcrest/core/learner/log';
import { makeWayTables } from '@sleetcrest/core/puzzle/search';
import { someRecord } from '../people-at-work.js';
import { reviewSchema } from '@sleetcrest/contract/practice';
import { fsrsMemory } from '@sleetcrest/memory';
import { demoLog } from './log.js';
import { demoPractice } from './practice.js';
import { DEMO_ACCOUNTS, DEMO_PEOPLE, TABLE_PEOPLE } from './people.js';
import { thursdays } from './table.js';

const NOW = new Date('2026-11-25T12:00:00Z');

describe('the demo’s people', () => {
  for (const person of DEMO_PEOPLE) {
    const { name, practice } = person;
    if (!practice) continue;
    it(`have a log that is valid, the same on the same day, and comes up to it: ${name}`, () => {
      const log = demoLog({ name, practice }, NOW);
      expect(log.length).toBeGreaterThan(20);
      for (const entry of log) expect(logEntrySchema.parse(entry)).toEqual(entry);
      expect(new Set(log.map(({ id }) => id)).size).toBe(log.length);
      expect(demoLog({ name, practice }, new Date('2026-11-25T23:00:00Z'))).toEqual(log);
      const days = log.map(({ beganAt }) => beganAt.slice(0, 10));
      expect(days.every((day) => day >= '2026-09-16' && day < '2026-11-25')).toBeTrue();
      // They get faster.
      const solves = log.filter(({ kind }) => kind === 'solve');
      const [early, late] = [solves.slice(0, 12), solves.slice(-12)].map(
        (some) => summarise(some, '2026-11-25').typical!,
      );
      expect(late!).toBeLessThan(early!);
    });
  }

  for (const person of DEMO_PEOPLE) {
    const { name, practice } = person;
    if (!practice) continue;
    it(`have practised what makes sense, the same on the same day: ${name}`, () => {
      const reviews = demoPractice({ name, practice }, NOW);
      expect(reviews.length).toBeGreaterThan(120);
      for (const review of reviews) expect(reviewSchema.parse(review)).toEqual(review);
      expect(new Set(reviews.map(({ id }) => id)).size).toBe(reviews.length);
      expect(demoPractice({ name, practice }, NOW)).toEqual(reviews);
      const book = CardBook.of(reviews, fsrsMemory());
      const mixed = [...book.confusions.values()].sort((a, b) => b.times - a.times);
      // One of them takes two cases for each other, both ways; the others do not.
      expect(mixed.slice(0, 2).map(({ was, said }) => [was, said].sort())).toEqual(
        practice.confuses ? [[...practice.confuses].sort(), [...practice.confuses].sort()] : [],
      );
      const stays = [...book.cards.values()].filter(({ trace }) => trace.stability > 20);
      expect(stays.length).toBeGreaterThan(8);
    });
  }

  it('who else sit at the table are each elsewhere, and nine in all', () => {
    const learners = [...DEMO_PEOPLE, ...TABLE_PEOPLE].filter(({ role }) => role === 'learner');
    expect(learners.length).toBe(9);
    expect(new Set(learners.map(({ name }) => name)).size).toBe(9);
    const begun = TABLE_PEOPLE.map(({ name, practice }) => {
      const log = demoLog({ name, practice: practice! }, NOW);
      for (const entry of log) expect(logEntrySchema.parse(entry)).toEqual(entry);
      const reviews = demoPractice({ name, practice: practice! }, NOW);
      return new Set(reviews.map(({ kind, item }) => `${kind} ${item}`)).size;
    });
    expect(new Set(begun).size).toBeGreaterThan(3);
  });

  it('met last Thursday and meet on the next', () => {
    expect(thursdays(NOW)).toEqual({ last: '2026-11-19', next: '2026-11-26' });
    expect(thursdays(new Date('2026-11-26T12:00:00Z'))).toEqual({
      last: '2026-11-19',
      next: '2026-11-26',
    });
  });

  it('have solves that can be reviewed to the end', () => {
    const tables = makeWayTables();
    const [person] = DEMO_PEOPLE.filter(({ practice }) => practice);
    const { name, practice } = person!;
    const turned = demoLog({ name, practice: practice! }, NOW).filter(({ turns }) => turns !== '');
    expect(turned.length).toBe(5);
    for (const { scramble, turns } of turned) {
      const method = methodById(practice!.method)!;
      const done = { scramble, turns, method, firstColour: 'white', scheme: STANDARD_SCHEME };
      const review = reviewSolve({ ...done, firstColour: 'white' }, tables);
      expect(review.ok && review.value.finished).toBeTrue();
    }
  });

  it('are told on the sign-in page without what they practise', () => {
    expect(DEMO_ACCOUNTS.map((account) => Object.keys(account).sort())).toEqual(
      DEMO_ACCOUNTS.map(() => ['about', 'name', 'phrase', 'role']),
    );
  });

  it('who are made up for measuring record what anybody could', () => {
    const record = someRecord();
    expect(logEntrySchema.parse(record)).toEqual(record);
    expect(someRecord().id).not.toBe(record.id);
  });
});
