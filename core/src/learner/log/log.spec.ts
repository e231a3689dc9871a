import fc from 'fast-check';
import { randomFrom } from '../../puzzle/cube/index.js';
import { dayOf, newestFirst } from './entry.js';
import { isMeant } from './filter.js';
import { groupsOf } from './groups.js';
import { anEntry, someEntries } from './log.spec-support.js';
import { middleOf, quantile } from './quantiles.js';
import { streaksOf } from './streaks.js';
import { stageSummaries, summarise } from './summary.js';

const TODAY = '2026-11-14';
const at = (day: string, time: string): string => `${day}T${time}:00.000+01:00`;

describe('the statistics of a log', () => {
  it('take medians and quarters between neighbours', () => {
    expect(quantile([10, 20, 30, 40], 0.5)).toBe(25);
    expect(middleOf([30, 10, 20])).toEqual({ lower: 15, median: 20, upper: 25 });
    expect(middleOf([])).toBeNull();
  });

  it('keep every quantile within the values, and rising', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(100_000), { minLength: 1 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, share) => {
          const sorted = [...values].sort((a, b) => a - b);
          const value = quantile(sorted, share);
          expect(value).toBeGreaterThanOrEqual(sorted[0]!);
          expect(value).toBeLessThanOrEqual(sorted[sorted.length - 1]!);
          expect(quantile(sorted, Math.min(1, share + 0.1))).toBeGreaterThanOrEqual(value);
        },
      ),
    );
  });

  it('are the same in whatever order the records come', () => {
    const entries = someEntries(200, randomFrom(4));
    const summary = summarise(entries, TODAY);
    expect(summarise([...entries].reverse(), TODAY)).toEqual(summary);
    expect(summarise([...entries].sort(newestFirst), TODAY)).toEqual(summary);
  });

  it('count what was finished with a time, and nothing else', () => {
    const summary = summarise(
      [
        anEntry({ time: 40 }),
        anEntry({ id: 'b', time: 50, outcome: 'aside', reason: 'a corner popped out' }),
        anEntry({ id: 'c', time: 30, outcome: 'unfinished' }),
        anEntry({ id: 'd', time: null }),
      ],
      TODAY,
    );
    expect([summary.count, summary.timed, summary.best?.time, summary.typical]).toEqual([
      4, 1, 40, 40,
    ]);
    expect(summary.days).toEqual([
      { day: '2026-11-01', count: 1, lower: 40, median: 40, upper: 40 },
    ]);
  });

  it('take the median of the last twelve as typical, however many came before', () => {
    const entries = Array.from({ length: 30 }, (_, k) =>
      anEntry({
        id: String(k).padStart(2, '0'),
        beganAt: at('2026-11-01', `10:${String(k + 10)}`),
        time: 100 - k,
      }),
    );
    // The last twelve took 71 to 82 seconds.
    expect(summarise(entries, TODAY).typical).toBe(76.5);
  });

  it('spread all times over not too many steps of a round width', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(400_000), { minLength: 1, maxLength: 60 }), (times) => {
        const { spread } = summarise(
          times.map((time, k) => anEntry({ id: String(k), time: time / 100 })),
          TODAY,
        );
        expect(spread!.counts.reduce((sum, count) => sum + count, 0)).toBe(times.length);
        expect(spread!.counts.length).toBeLessThanOrEqual(24);
        expect(spread!.from).toBeLessThanOrEqual(Math.min(...times) / 100);
      }),
    );
  });

  it('tell each stage’s median, and turns per second where turns are known', () => {
    const splits = (time: number, turns: number | null) => [
      { stage: 'cross' as const, time, turns },
    ];
    const stages = stageSummaries([
      anEntry({ splits: splits(10, 8) }),
      anEntry({ id: 'b', splits: splits(20, 16) }),
      anEntry({ id: 'c', splits: splits(90, null) }),
    ]);
    expect(stages).toEqual([{ stage: 'cross', count: 3, median: 20, turnsPerSecond: 0.8 }]);
  });

  it('see a streak through till yesterday, and end it a day later', () => {
    const days = ['2026-11-02', '2026-11-03', '2026-11-04', '2026-11-12', '2026-11-13'];
    expect(streaksOf(days, TODAY)).toEqual({ current: 2, longest: 3, lastThirty: 5 });
    expect(streaksOf(days, '2026-11-15').current).toBe(0);
    expect(streaksOf([], TODAY)).toEqual({ current: 0, longest: 0, lastThirty: 0 });
  });
});

describe('the records of a log', () => {
  it('have the day of the place they were done at', () => {
    // An hour before midnight in the west is the next day elsewhere.
    expect(dayOf({ beganAt: '2026-10-31T23:30:00.000-05:00' })).toBe('2026-10-31');
  });

  it('are found by day, kind, stage, method, outcome, tag and text', () => {
    const entry = anEntry({
      note: 'In the Boathouse',
      tags: ['club'],
      method: 'white-up',
      splits: [{ stage: 'cross', time: 9, turns: null }],
    });
    const found = (filter: Parameters<typeof isMeant>[1]): boolean => isMeant(entry, filter);
    expect(
      [
        {},
        { from: '2026-11-01', to: '2026-11-01' },
        { kind: 'solve' as const, stage: 'cross' as const },
        { method: 'white-up', outcome: 'finished' as const },
        { tag: 'club', text: 'boathouse' },
        { text: 'CLUB' },
      ].map(found),
    ).toEqual([true, true, true, true, true, true]);
    expect(
      [
        { from: '2026-11-02' },
        { to: '2026-10-31' },
        { kind: 'stage' as const },
        { stage: 'middle' as const },
        { method: 'gentle' },
        { outcome: 'aside' as const },
        { tag: 'clu' },
        { text: 'harbour' },
      ].map(found),
    ).toEqual([false, false, false, false, false, false, false, false]);
  });

  it('are grouped by day, and by session where a long pause parts them', () => {
    const entries = [
      anEntry({ id: 'a', beganAt: at('2026-11-01', '10:00'), time: 50 }),
      anEntry({ id: 'b', beganAt: at('2026-11-01', '10:30'), time: 40 }),
      anEntry({ id: 'c', beganAt: at('2026-11-01', '11:01'), time: 30 }),
      anEntry({ id: 'd', beganAt: at('2026-11-02', '09:00'), time: null }),
      anEntry({
        id: 'e',
        beganAt: at('2026-11-02', '09:01'),
        kind: 'stage',
        stage: 'cross',
        time: 9,
      }),
      anEntry({
        id: 'f',
        beganAt: at('2026-11-02', '09:02'),
        kind: 'stage',
        stage: 'daisy',
        time: 4,
      }),
      anEntry({ id: 'g', beganAt: at('2026-11-02', '09:03'), time: 60 }),
    ];
    expect(
      groupsOf(entries, 'day').map(({ count, times }) => [
        count,
        ...times.map(({ stage, count: of, best, median }) => [stage, of, best, median]),
      ]),
    ).toEqual([
      // Whole solves and each stage for itself: never one number of both.
      [4, [null, 1, 60, 60], ['daisy', 1, 4, 4], ['cross', 1, 9, 9]],
      [3, [null, 3, 30, 40]],
    ]);
    expect(
      groupsOf(entries, 'session').map(({ from, count }) => [from.slice(0, 16), count]),
    ).toEqual([
      ['2026-11-02T09:00', 4],
      ['2026-11-01T11:01', 1],
      ['2026-11-01T10:00', 2],
    ]);
  });
});
