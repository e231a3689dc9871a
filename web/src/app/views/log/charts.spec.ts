import { overviewOf } from '@sleetcrest/core/learner/log';
import { SOME_INKS } from '../../ui/charts/inks.spec-support';
import { daysChart, rateChart, spreadChart } from './charts';
import { stagesChart } from './stages-chart';
import { anEntry } from '../../subjects/log/log.spec-support';

describe('the charts of a log', () => {
  const splits = (daisy: number, cross: number) => [
    { stage: 'daisy' as const, time: daisy, turns: 8 },
    { stage: 'cross' as const, time: cross, turns: null },
  ];
  const { summary, ridge } = overviewOf(
    [
      anEntry({ time: 60, splits: splits(10, 20) }),
      anEntry({ time: 80, splits: splits(14, 20) }),
      anEntry({ beganAt: '2026-11-03T10:00:00.000Z', time: 50 }),
      anEntry({ beganAt: '2026-09-30T10:00:00.000Z', time: 90, splits: splits(30, 10) }),
    ],
    {},
    '2026-11-04',
  );
  const titleOf = (stage: string): string => stage;

  it('say each point in words, and have each number in their table', () => {
    const days = daysChart(summary, SOME_INKS);
    expect(days.points[1]).toBe(
      '1 Nov 2026: median 1:10.00, middle half 1:05.00 to 1:15.00, 2 solves',
    );
    expect(days.rows[1]).toEqual(['1 Nov 2026', '2', '1:05.00', '1:10.00', '1:15.00']);
    expect(days.points.length).toBe(days.rows.length);
    const spread = spreadChart(summary, SOME_INKS);
    expect(spread.rows.reduce((sum, [, count]) => sum + Number(count), 0)).toBe(4);
  });

  it('set each stage beside what it was a month before, and add nothing up', () => {
    const { points, rows, head } = stagesChart(ridge, titleOf, SOME_INKS);
    expect(head).toEqual(['Stage', 'Now', 'A month before']);
    expect(rows).toEqual([
      ['daisy', '12.00', '30.00'],
      ['cross', '20.00', '10.00'],
    ]);
    expect(points.slice(0, 2)).toEqual(['daisy, now: 12.00 s', 'daisy, a month before: 30.00 s']);
  });

  it('set a group beside them only where enough others stand behind it, and say so', () => {
    const beside = (group: typeof ridge.group) =>
      stagesChart({ ...ridge, group }, titleOf, SOME_INKS);
    expect(beside(null).says).not.toContain('group');
    const few = beside('too few');
    expect(few.head).toEqual(['Stage', 'Now', 'A month before']);
    expect(few.note).toContain('Your group has too few others to compare with: it takes 4');
    expect(few.says).toContain(few.note!);
    const enough = beside([{ stage: 'daisy', count: 5, median: 17, turnsPerSecond: null }]);
    expect(enough.head).toEqual(['Stage', 'Now', 'A month before', 'Your group']);
    expect(enough.says).toContain('typical of its others over the last 30 days');
  });

  it('tell turns per second where turns are known, and nothing where not', () => {
    expect(rateChart(ridge, titleOf, SOME_INKS).rows).toEqual([['daisy', '0.7']]);
    const none = overviewOf([], {}, '2026-11-04');
    expect(stagesChart(none.ridge, titleOf, SOME_INKS).rows).toEqual([]);
  });
});
