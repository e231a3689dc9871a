import { SOME_INKS } from '../../ui/charts/inks.spec-support';
import { calibrationChart, daysChart, dueChart } from './knowledge-charts';
import { leastLikelyFirst } from './recall-list';

describe('the charts of what one knows', () => {
  it('put the case that is least likely recalled first, and leave out what was never asked', () => {
    const cases = [
      { title: 'Bar', see: 0.9, turn: null },
      { title: 'Angle', see: 0.8, turn: 0.4 },
      { title: 'Dot', see: null, turn: null },
    ];
    expect(leastLikelyFirst(cases).map(({ title }) => title)).toEqual(['Angle', 'Bar']);
  });

  it('set what was promised beside what came', () => {
    const all = [{ from: 0.9, to: 0.95, answers: 1, promised: 0.924, came: 1 }];
    const { points, rows } = calibrationChart(all, SOME_INKS);
    expect(points).toEqual(['promised 92 %, came 100 %, of 1 answer']);
    expect(rows).toEqual([['92 %', '100 %', '1']]);
  });

  it('have a line of times for each kind that was answered, and no other', () => {
    const days = [
      { day: '2026-11-20', kind: 'see', seconds: 3.25, answers: 4 },
      { day: '2026-11-21', kind: 'turn', seconds: 8, answers: 1 },
    ] as const;
    const { keys, points, rows } = daysChart(days, SOME_INKS);
    expect(keys!.map(({ name }) => name)).toEqual(['See', 'Turn']);
    expect(points).toEqual([
      '20 Nov 2026, See: 3.25 s, 4 answers',
      '21 Nov 2026, Turn: 8.00 s, 1 answer',
    ]);
    expect(rows[1]).toEqual(['21 Nov 2026', 'Turn', '8.00', '1']);
  });

  it('say what comes due day by day, and have no table where nothing does', () => {
    const due = [
      { cards: 3, seconds: 20 },
      { cards: 0, seconds: 0 },
      { cards: 9, seconds: 130 },
    ];
    const { points, rows } = dueChart(due, 20_784, SOME_INKS);
    expect(points).toEqual([
      'today: 3 cards, about 1 minute',
      '28 Nov 2026: nothing',
      '29 Nov 2026: 9 cards, about 2 minutes',
    ]);
    expect(rows[2]).toEqual(['29 Nov 2026', '9', '2.2']);
    expect(dueChart([{ cards: 0, seconds: 0 }], 20_784, SOME_INKS).rows).toEqual([]);
  });
});
