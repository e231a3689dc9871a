import { randomFrom } from '../../puzzle/cube/index.js';
import { isMeant } from './filter.js';
import { anEntry, someEntries } from './log.spec-support.js';
import { overviewOf, ridgeDays } from './overview.js';
import { daysBefore } from './streaks.js';
import { summarise } from './summary.js';

const TODAY = '2026-11-14';

describe('the days whose stages are compared', () => {
  it('are the thirty up to the last, and the thirty before them', () => {
    const { now, earlier } = ridgeDays({ method: 'gentle' }, TODAY);
    expect(now).toEqual({ method: 'gentle', from: '2026-10-16', to: TODAY });
    expect(earlier).toEqual({ method: 'gentle', from: '2026-09-16', to: '2026-10-15' });
    expect(ridgeDays({ to: '2026-11-01' }, TODAY).now.from).toBe('2026-10-03');
  });

  it('are those asked for, where a first one is', () => {
    const { now, earlier } = ridgeDays({ from: '2026-11-10' }, TODAY);
    expect([now.from, now.to]).toEqual(['2026-11-10', TODAY]);
    expect([earlier.from, earlier.to]).toEqual(['2026-10-11', '2026-11-09']);
  });

  it('never overlap, over months and years of every length', () => {
    for (let k = 0; k < 800; k++) {
      const { now, earlier } = ridgeDays({}, daysBefore(TODAY, k));
      expect(earlier.to! < now.from).toBeTrue();
      expect(daysBefore(now.from, 1)).toBe(earlier.to!);
      expect(daysBefore(now.to, 29)).toBe(now.from);
    }
  });
});

describe('the overview of a log', () => {
  it('counts the records meant, and no stage of what was not finished', () => {
    const entries = someEntries(120, randomFrom(8));
    const filter = { kind: 'solve' as const };
    const { summary, ridge } = overviewOf(entries, filter, TODAY);
    const meant = entries.filter((entry) => isMeant(entry, filter));
    expect(summary).toEqual(summarise(meant, TODAY));
    expect(ridge.group).toBeNull();
    const aside = entries.map((entry) => ({ ...entry, outcome: 'aside' as const }));
    expect(overviewOf(aside, filter, TODAY).ridge.now).toEqual([]);
  });

  it('is empty where there is nothing', () => {
    const { summary, ridge } = overviewOf([], {}, TODAY);
    expect([summary.count, summary.best, summary.typical, summary.spread]).toEqual([
      0,
      null,
      null,
      null,
    ]);
    expect([ridge.now, ridge.earlier]).toEqual([[], []]);
    expect(overviewOf([anEntry()], { method: 'other' }, TODAY).summary.count).toBe(0);
  });
});
