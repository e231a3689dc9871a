import { CardBook, type Rating, RATINGS, type Review } from '@sleetcrest/core/learner/answers';
import { ENOUGH_TO_FIT, fitWeights } from './fit.js';
import { fsrsMemory } from './fsrs.js';
import { simulate, type Item, type Strategy } from './simulate.js';
import { fsrs, createEmptyCard } from 'ts-fsrs';

const memory = fsrsMemory();
const { again, hard, good, easy } = RATINGS;

describe('the memory that practice is planned by', () => {
  it('is what ts-fsrs schedules, asked day by day', () => {
    const scheduler = fsrs({ enable_fuzz: false, enable_short_term: true });
    const ratings: Rating[] = [good, good, hard, again, good, easy, good];
    let card = createEmptyCard(new Date('2026-01-01T12:00:00Z'));
    let trace = null;
    let day = 0;
    for (const [k, rating] of ratings.entries()) {
      day += k;
      const at = new Date(Date.UTC(2026, 0, 1 + day, 12));
      card = scheduler.next(card, at, rating).card;
      trace = memory.after(trace, k, rating);
      expect(trace.stability).withContext(`answer ${k}`).toBeCloseTo(card.stability, 6);
      expect(trace.difficulty).toBeCloseTo(card.difficulty, 6);
    }
  });

  it('asks again when the chance has come down to what is wanted', () => {
    for (const stability of [1, 2.5, 10, 80]) {
      const trace = { stability, difficulty: 5 };
      for (const chance of [0.8, 0.9, 0.95]) {
        const days = memory.daysUntil(trace, chance);
        expect(memory.recall(trace, days)).toBeGreaterThanOrEqual(chance - 1e-6);
        expect(memory.recall(trace, days + 1)).toBeLessThan(chance + 1e-6);
      }
    }
  });

  it('keeps more after a quick answer than after a slow one, and less after a wrong one', () => {
    const before = memory.after(null, 0, good);
    const after = [again, hard, good, easy].map(
      (rating) => memory.after(before, 3, rating).stability,
    );
    expect(after).toEqual([...after].sort((a, b) => a - b));
  });
});

/** Answers of somebody who forgets twice as quickly as is usual. */
function forgetful(count: number): Review[] {
  let seed = 1;
  const chance = (): number => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
  const last = new Map<string, { day: number; stays: number }>();
  return Array.from({ length: count }, (_, k) => {
    const item = `a/${k % 60}`;
    const day = Math.floor(k / 20);
    const known = last.get(item);
    const right = !known || chance() < 0.9 ** ((day - known.day) / known.stays);
    last.set(item, { day, stays: right ? (known?.stays ?? 0.8) * 1.15 : 0.8 });
    return {
      id: `f${String(k).padStart(6, '0')}`,
      kind: 'see',
      item,
      right,
      seconds: 2,
      answer: '',
      turns: 0,
      by: 'keys',
      at: new Date(Date.UTC(2026, 0, 1 + day, 12, k % 20)).toISOString(),
    };
  });
}

describe('fitting the memory to one person', () => {
  it('waits until there are enough answers', () => {
    expect(fitWeights(forgetful(ENOUGH_TO_FIT - 1))).toBeNull();
  });

  it('foretells the answers of somebody unusual better, on answers it was not fitted to', () => {
    const reviews = forgetful(1500);
    const fit = fitWeights(reviews)!;
    expect(fit.heldOut).toBe(300);
    expect(fit.used).toBeTrue();
    expect(fit.fitted).toBeLessThan(fit.usual);
    const promised = CardBook.of(reviews, fsrsMemory(fit.weights)).promised;
    expect(promised.recalls.length).toBeGreaterThan(1000);
  });

  it('is used only if it does: fitted to chance alone it is not better on what is held out', () => {
    const mixed = forgetful(600).map((one, k) => ({
      ...one,
      right: k < 480 ? k % 2 === 0 : k % 9 !== 0,
    }));
    const fit = fitWeights(mixed)!;
    expect(fit.used).toBe(fit.fitted < fit.usual);
    expect(fit.used).toBeFalse();
  });
});

describe('simulated learners', () => {
  const items: Item[] = Array.from({ length: 60 }, (_, k) => {
    const at = (k * 37) % 60;
    const like = at % 5 === 0 ? `g${Math.floor((at + 1) / 6)}/${at + 1}` : null;
    return { item: `g${Math.floor(at / 6)}/${at}`, chance: 1 / (1 + at * 0.15), like };
  });
  const setting = { learners: 200, days: 60, minutesADay: 10, seed: 1, items };
  const results = new Map<Strategy, ReturnType<typeof simulate>>();
  for (const one of ['worth', 'listed', 'fixed'] as const) results.set(one, simulate(one, setting));

  it('recall more for each minute when what is due is asked than when all is, every day', () => {
    const [worth, listed, fixed] = (['worth', 'listed', 'fixed'] as const).map((one) =>
      results.get(one)!,
    );
    expect(worth!.recalledAMinute).toBeGreaterThan(1.1 * fixed!.recalledAMinute);
    // The order of what is new changes what is met, hardly how many: over 60 days all is begun.
    expect(worth!.met).toBeGreaterThan(listed!.met);
    expect(worth!.recalledAMinute / listed!.recalledAMinute).toBeCloseTo(1, 1);
    // Going through everything daily takes more minutes, and keeps more: that is not hidden.
    expect(fixed!.minutes).toBeGreaterThan(worth!.minutes);
  });

  it('come out the same every time', () => {
    expect(simulate('worth', { ...setting, learners: 3 })).toEqual(
      simulate('worth', { ...setting, learners: 3 }),
    );
  });
});
