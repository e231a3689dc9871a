import fc from 'fast-check';
import {
  applyTurns,
  copyCube,
  FRONT,
  HOME_HOLD,
  randomFrom,
  RIGHT,
  solvedCube,
  type Turn,
  turnOf,
  TURNS,
  UP,
} from '../../puzzle/cube/index.js';
import { isWholeCube, type Move, readMoves } from '../../puzzle/notation/index.js';
import { approachById } from '../../teaching/approaches/index.js';
import { both, plan, read, see, turn } from '../exercises/index.js';
import { CardBook } from './cards.js';
import { calibrationOf, dueInDays, graspOf, leastOf } from './known.js';
import type { Memory } from './memory.js';
import { Pace } from './pace.js';
import { freshToday, nextCard, secondsDue } from './queue.js';
import { dayNumber, oldestFirst, type Review } from './review.js';

/** A memory that is easy to reckon with: each right answer doubles what stays, a wrong one ends it. */
const doubling: Memory = {
  after: (trace, _, rating) => ({
    stability: rating === 1 ? 1 : (trace?.stability ?? 1) * 2,
    difficulty: 5,
  }),
  recall: ({ stability }, days) => 0.9 ** (days / stability),
  daysUntil: ({ stability }) => stability,
};

let made = 0;
const answer = (over: Partial<Review> & { day: number }): Review => {
  const { day, ...rest } = over;
  const minute = String(made % 60).padStart(2, '0');
  const hour = String(Math.floor(made / 60) % 24).padStart(2, '0');
  const date = new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10);
  return {
    id: `r${String(made++).padStart(6, '0')}`,
    kind: 'see',
    item: 'a/one',
    right: true,
    at: `${date}T${hour}:${minute}:00+01:00`,
    seconds: 2,
    answer: '',
    turns: 0,
    by: 'keys',
    ...rest,
  };
};
const TODAY = dayNumber('2026-01-01T00:00:00Z');
const moves = (text: string): Move[] => {
  const read = readMoves(text);
  if (!read.ok) throw new Error(text);
  return read.value;
};

beforeEach(() => (made = 0));

describe('cards as answers leave them', () => {
  const reviews = fc.array(
    fc.record({
      item: fc.constantFrom('a/one', 'a/two', 'b/one'),
      right: fc.boolean(),
      seconds: fc.integer({ min: 50, max: 900 }),
      day: fc.integer({ min: 0, max: 30 }),
      minute: fc.integer({ min: 0, max: 1439 }),
    }),
    { maxLength: 40 },
  );

  it('are the same in whatever order answers come, and however often one comes', () => {
    fc.assert(
      fc.property(reviews, fc.infiniteStream(fc.nat()), (given, chance) => {
        const all = given.map(({ day, minute, seconds, ...rest }, k) =>
          answer({
            ...rest,
            day,
            id: `x${k}`,
            seconds: seconds / 100,
            at: new Date(Date.UTC(2026, 0, 1 + day, 0, minute)).toISOString(),
          }),
        );
        const mixed = [...all, ...all.slice(0, 5)]
          .map((one) => ({ one, by: chance.next().value as number }))
          .sort((a, b) => a.by - b.by)
          .map(({ one }) => one);
        const cards = (from: Review[]) => [...CardBook.of(from, doubling).cards].sort();
        expect(cards(mixed)).toEqual(cards(all));
        const added = new CardBook(doubling);
        for (const one of [...all].sort(oldestFirst)) added.add(one);
        expect([...added.cards].sort()).toEqual(cards(all));
      }),
    );
  });

  it('come back when nine of ten would still be recalled, and today when they were not', () => {
    const book = CardBook.of([answer({ day: 0 }), answer({ day: 2 })], doubling);
    expect(book.card('see', 'a/one')).toEqual(
      jasmine.objectContaining({ dueDay: TODAY + 6, rightDays: 2, answers: 2, lapses: 0 }),
    );
    book.add(answer({ day: 9, right: false, answer: 'a/two' }));
    expect(book.card('see', 'a/one')).toEqual(
      jasmine.objectContaining({ dueDay: TODAY + 9, lapses: 1, right: false }),
    );
    expect([...book.confusions.values()]).toEqual([
      { was: 'a/one', said: 'a/two', times: 1, lastDay: TODAY + 9 },
    ]);
  });

  it('are of the day at the place they were answered at', () => {
    expect(dayNumber('2026-01-01T23:30:00-05:00')).toBe(TODAY);
    expect(dayNumber('2026-01-02T00:30:00+13:00')).toBe(TODAY + 1);
  });
});

describe('how an answer is rated', () => {
  const SECONDS = [1.8, 2, 2.2, 1.9, 2.1, 2, 1.7, 2.3, 2, 2.1];
  /** A person who has answered so often, as quickly as that. */
  function used(turns = 0): Pace {
    const pace = new Pace();
    for (const seconds of SECONDS) {
      pace.take(answer({ day: 0, seconds: seconds * (1 + turns), turns, kind: 'turn' }));
    }
    return pace;
  }
  const turned = (change: Partial<Review>): Review => answer({ day: 1, kind: 'turn', ...change });

  it('is by what is usual for this person, and only once that is known', () => {
    expect(new Pace().take(turned({ seconds: 60 }))).toBe(3);
    expect([0.9, 2, 4].map((seconds) => used().take(turned({ seconds })))).toEqual([4, 3, 2]);
    expect(used().take(turned({ right: false, seconds: 1 }))).toBe(1);
    // What one does with a cube is not measured by what one does with keys.
    expect(used().take(turned({ by: 'cube', seconds: 60 }))).toBe(3);
  });

  it('is for each turn, so that long is not slow', () => {
    const pace = used(5);
    expect(pace.take(turned({ turns: 11, seconds: 24 }))).toBe(3);
    expect(pace.seconds('turn', 11)).toBeCloseTo(24, 0);
  });

  it('does not let one very slow answer change what is usual', () => {
    const pace = used();
    pace.take(turned({ seconds: 500 }));
    expect(pace.take(turned({ seconds: 4 }))).toBe(2);
  });

  it('is by the medians of the last sixty answers, however they came', () => {
    const median = (values: readonly number[], at = values.length >> 1): number =>
      [...values].sort((a, b) => a - b)[at]!;
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 900 }), { maxLength: 150 }), (all) => {
        const pace = new Pace();
        all.forEach((hundredths, k) => {
          const before = all.slice(Math.max(0, k - 60), k).map((one) => Math.log(one / 100));
          const rating = pace.take(turned({ seconds: hundredths / 100 }));
          if (before.length < 10) return expect(rating).toBe(3);
          const half = before.length / 2;
          const usual = Number.isInteger(half)
            ? (median(before, half - 1) + median(before, half)) / 2
            : median(before);
          const away = median(before.map((one) => Math.abs(one - usual)));
          const far = (Math.log(hundredths / 100) - usual) / Math.max(0.1, 1.4826 * away);
          // Where it is a hair's breadth from the border, either may come of rounding.
          if (Math.abs(Math.abs(far) - 1) < 1e-9) return;
          return expect(rating).toBe(far > 1 ? 2 : far < -1 ? 4 : 3);
        });
      }),
      { seed: 14, numRuns: 60 },
    );
  });
});

describe('what comes next', () => {
  it('is what is likeliest forgotten of what is due, another thing than just now', () => {
    const book = CardBook.of(
      [
        answer({ day: 0, item: 'a/one' }),
        answer({ day: 0, item: 'a/two' }),
        answer({ day: 1, item: 'b/one' }),
        answer({ day: 4, item: 'a/two' }),
      ],
      doubling,
    );
    const first = nextCard(book, TODAY + 5, [])!;
    expect(first).toEqual({ kind: 'see', item: 'a/one', because: 'due' });
    const just = answer({ day: 5, item: 'a/one' });
    book.add(just);
    expect(nextCard(book, TODAY + 5, [just])?.item).toBe('b/one');
    expect(nextCard(book, TODAY + 1, [])).toBeNull();
    expect(nextCard(book, TODAY + 5, [], ({ item }) => item === 'c')).toBeNull();
  });

  it('brings a wrong answer back after three others, and then what it was taken for', () => {
    const book = new CardBook(doubling);
    const session: Review[] = [];
    const give = (over: Partial<Review>): void => {
      const one = answer({ day: 0, ...over });
      book.add(one);
      session.push(one);
    };
    give({ item: 'a/two' });
    give({ item: 'a/one', right: false, answer: 'a/two' });
    for (const item of ['b/one', 'b/two', 'b/three']) give({ item });
    expect(nextCard(book, TODAY, session)).toEqual(
      jasmine.objectContaining({ item: 'a/one', because: 'wrong' }),
    );
    give({ item: 'a/one', right: false, answer: 'a/two' });
    for (const item of ['b/four', 'b/five', 'b/six']) give({ item });
    give({ item: 'a/one' });
    expect(nextCard(book, TODAY, session)).toEqual(
      jasmine.objectContaining({ item: 'a/two', because: 'confused' }),
    );
    give({ item: 'a/two' });
    expect(nextCard(book, TODAY, session)).toBeNull();
  });

  it('lets three others come first where there are three, whatever went wrong, and else as many as there are', () => {
    for (const cards of [1, 2, 3, 4, 5, 8]) {
      const random = randomFrom(cards);
      const items = Array.from({ length: cards }, (_, k) => `${'abc'[k % 3]!}/${k}`);
      const book = CardBook.of(
        items.map((item) => answer({ day: 0, item, right: false })),
        doubling,
      );
      const session: Review[] = [];
      for (let asked = 0; asked < 60; asked++) {
        const next = nextCard(book, TODAY + 1, session);
        if (!next) break;
        const wrongs = session.map(({ item, right }) => item === next.item && !right);
        const wrongAt = wrongs.lastIndexOf(true);
        if (wrongAt >= 0) {
          const between = new Set(session.slice(wrongAt + 1).map(({ item }) => item));
          const due = items.filter(
            (item) => item !== next.item && book.card('see', item)!.dueDay <= TODAY + 1,
          );
          const others = new Set([...due, ...between]);
          expect(session.length - 1 - wrongAt)
            .withContext(`${cards} cards, answer ${asked}`)
            .toBeGreaterThanOrEqual(Math.min(3, others.size));
        }
        const given = answer({ day: 1, item: next.item, right: random(3) === 0 });
        book.add(given);
        session.push(given);
      }
      expect(session.length).toBeGreaterThan(0);
    }
  });

  it('begins no more than keeps tomorrow within what one wants', () => {
    const book = CardBook.of([answer({ day: 0 })], doubling);
    const fresh = Array.from(
      { length: 9 },
      (_, k) => ({ kind: 'see', item: `n/${k}`, turns: 0 }) as const,
    );
    expect(freshToday(book, TODAY, fresh, 0)).toBe(0);
    expect(freshToday(book, TODAY, fresh, 30)).toBe(3);
    expect(secondsDue(book, TODAY + 2)).toBe(5);
    expect(freshToday(book, TODAY + 1, fresh, 30)).toBe(2);
  });
});

describe('what is known', () => {
  const kase = { case: 'a/one', sequence: 'R U' };
  const on = (days: number[], over: Partial<Review> = {}): Review[] =>
    days.map((day) => answer({ day, ...over }));
  const grasp = (reviews: Review[], day: number): string =>
    graspOf(CardBook.of(reviews, doubling), kase, TODAY + day);

  it('is known once done alone, and sure once it went right on different days and is still there', () => {
    const turns = (days: number[]): Review[] => on(days, { kind: 'turn', item: 'R U' });
    expect(grasp([], 0)).toBe('new');
    expect(grasp(on([0]), 0)).toBe('begun');
    expect(grasp(on([0], { kind: 'both' }), 0)).toBe('known');
    expect(grasp([...on([0]), ...turns([0])], 0)).toBe('known');
    expect(grasp([...on([0, 0, 0]), ...turns([0, 0])], 0)).toBe('known');
    expect(grasp([...on([0, 2]), ...turns([0, 2])], 3)).toBe('sure');
    expect(grasp([...on([0, 2]), ...turns([0, 2])], 60)).toBe('known');
    expect(leastOf(['sure', 'begun', 'known'])).toBe('begun');
  });

  it('compares what was promised with what came', () => {
    const book = CardBook.of([...on([0, 2, 6]), answer({ day: 20, right: false })], doubling);
    const all = calibrationOf(book);
    expect(all.reduce((sum, { answers }) => sum + answers, 0)).toBe(3);
    expect(all.at(-1)).toEqual(jasmine.objectContaining({ answers: 2, came: 1 }));
    expect(dueInDays(book, TODAY + 20, 3).map(({ cards }) => cards)).toEqual([1, 0, 0]);
  });
});

describe('the kinds of practice', () => {
  it('see: the first answer counts, its time from the picture being drawn', () => {
    const asked = see.seeQuestion(approachById('face-two')!, 'face-two/two');
    expect(asked).toEqual(jasmine.objectContaining({ asks: 'case' }));
    expect(asked.choices).toHaveSize(4);
    const state = see.shown(asked, 1000);
    expect(see.chosen(state, 'face-two/two', 900).answered).toBeNull();
    expect(see.chosen(state, 'elsewhere', 2000).answered).toBeNull();
    const wrong = see.chosen(state, 'face-two/none', 2234);
    expect(wrong.answered).toEqual({ choice: 'face-two/none', seconds: 1.23, right: false });
    expect(see.chosen(wrong, 'face-two/two', 3000)).toBe(wrong);
  });

  it('see: asks only which way where cases mirror each other', () => {
    const way = see.seeQuestion(approachById('middle-eight')!, 'middle-eight/left');
    expect(way.asks).toBe('way');
    expect(way.choices).toEqual(['middle-eight/right', 'middle-eight/left']);
    expect(see.seeQuestion(approachById('middle-eight')!, 'middle-eight/stuck').asks).toBe('case');
  });

  it('turn: every sequence done as it is written is right, and wrong at the first other turn', () => {
    const anySequence = fc.array(fc.constantFrom(...moves("R U' F2 D2 L y B x'")), {
      minLength: 1,
      maxLength: 8,
    });
    fc.assert(
      fc.property(anySequence, fc.nat(), fc.constantFrom(...TURNS), (sequence, at, other) => {
        const turns = sequence.filter((move): move is Turn => !isWholeCube(move));
        if (turns.length === 0) return;
        const start = turn.asked(sequence, 0);
        const end = turns.reduce((state, one, k) => turn.turned(state, one, 10 * k), start);
        expect(end.ended).toEqual(jasmine.objectContaining({ right: true }));
        const where = at % turns.length;
        const meant = turns[where]!;
        if (other === meant || Math.floor(other / 3) === Math.floor(meant / 3)) return;
        const slipped = turns
          .slice(0, where)
          .reduce((state, one) => turn.turned(state, one, 0), start);
        const ended = turn.turned(slipped, other, 50).ended;
        expect(ended).toEqual({ right: false, seconds: 0.05, did: other, meant });
      }),
    );
  });

  it('turn: a half turn may come as two quarters to one side, and no other way', () => {
    const half = turn.asked(moves('U2'), 0);
    const [quarter, back] = [turnOf(UP, 1), turnOf(UP, 3)];
    const after = (...turns: Turn[]) =>
      turns.reduce((state, one) => turn.turned(state, one, 0), half).ended;
    expect(after(quarter, quarter)?.right).toBeTrue();
    expect(after(back, back)?.right).toBeTrue();
    expect(after(quarter, back)?.right).toBeFalse();
    expect(turn.turned(turn.asked(moves('U'), 0), turnOf(UP, 2), 0).ended?.right).toBeFalse();
  });

  it('both: waits until the cube is set up, and ends when it is as it should be', () => {
    const start = applyTurns(solvedCube(), [turnOf(RIGHT, 1)]);
    let state = both.settingUp(solvedCube(), start, [solvedCube()], HOME_HOLD);
    state = both.cubeTurned(state, turnOf(FRONT, 1), 0);
    expect(state.phase).toBe('setting-up');
    state = both.cubeTurned(state, turnOf(FRONT, 3), 0);
    state = both.cubeTurned(state, turnOf(RIGHT, 1), 500);
    expect(state).toEqual(jasmine.objectContaining({ phase: 'waiting', shownAt: 500 }));
    expect(both.cubeTurned(state, turnOf(UP, 1), 600).phase).toBe('turning');
    const end = both.cubeTurned(state, turnOf(RIGHT, 3), 1700);
    expect(end).toEqual(
      jasmine.objectContaining({ phase: 'ended', right: true, seconds: 1.2, turns: 1 }),
    );
    expect(both.saidDone(end, false, 9000)).toBe(end);
    const said = both.saidDone(
      both.ready(both.settingUp(solvedCube(), start, [], HOME_HOLD), 0),
      false,
      3000,
    );
    expect(said).toEqual(jasmine.objectContaining({ phase: 'ended', right: false, seconds: 3 }));
    expect(copyCube(said.cube)).toEqual(start);
  });

  it('plan: is told once, with how long was looked and the cube it leads to', () => {
    const cube = applyTurns(solvedCube(), [turnOf(RIGHT, 1)]);
    const state = plan.planned(plan.looking(cube, HOME_HOLD, 15, 1000), moves("y F'"), 17_000);
    expect(state.told).toEqual({ seconds: 16, over: true, turns: 1, cube: solvedCube() });
    expect(plan.planned(state, moves('U'), 20_000)).toBe(state);
    expect(plan.planned(plan.looking(cube, HOME_HOLD, null, 0), [], 99_000).told?.over).toBeFalse();
  });

  it('read: asks what is hard to imagine more often, with all ways of turning that side', () => {
    const random = randomFrom(3);
    const drawn = new Map<number, number>();
    let before: Turn | undefined;
    for (let k = 0; k < 6000; k++) {
      const letter = read.drawLetter(random, before);
      expect(letter).not.toBe(before as Turn);
      drawn.set(letter, (drawn.get(letter) ?? 0) + 1);
      before = letter;
    }
    const often = (text: string): number => drawn.get(moves(text)[0]!)!;
    expect(often("D'")).toBeGreaterThan(3 * often('R'));
    expect(often('B2')).toBeGreaterThan(often('L2'));
    expect([...read.readQuestion(turnOf(UP, 2), random).choices].sort()).toEqual([
      0, 1, 2,
    ] as Turn[]);
  });
});
