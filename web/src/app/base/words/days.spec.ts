import {
  daySaid,
  momentHere,
  momentOfLate,
  momentSaid,
  today,
  momentThere,
  momentThereShort,
  spanThere,
} from './days';

describe('days and moments', () => {
  const at = new Date(2026, 10, 5, 18, 5, 9, 40);

  it('are written with the offset of this place, and mean the same moment', () => {
    expect(today(at)).toBe('2026-11-05');
    expect(momentHere(at)).toMatch(/^2026-11-05T18:05:09\.040[+-]\d\d:\d\d$/);
    expect(new Date(momentHere(at)).getTime()).toBe(at.getTime());
  });

  it('have the day that it was here, also just after midnight', () => {
    const late = new Date(2026, 10, 5, 0, 5).toISOString();
    const early = new Date(2026, 10, 5, 23, 55).toISOString();
    expect([late, early, '2026-11-05'].map(daySaid)).toEqual(Array(3).fill('5 Nov 2026'));
  });

  it('are said by a clock of 24 hours', () => {
    expect(momentSaid(at)).toBe('5 Nov 2026, 18:05');
    expect(momentOfLate(at)).toBe('5 Nov, 18:05');
  });
});

describe('a moment that was written down elsewhere', () => {
  it('is told by the clock that hung there, wherever it is read', () => {
    for (const offset of ['+14:00', '-11:00', 'Z'])
      expect(momentThere(`2026-03-29T02:30:00.000${offset}`)).toBe('29 Mar 2026, 02:30');
    expect(momentThereShort('2026-03-29T02:30:00+01:00')).toBe('29 Mar 26, 02:30');
  });

  it('reaches to another without saying the day twice', () => {
    const [from, to] = ['2026-11-05T18:30:00+01:00', '2026-11-05T19:05:00+01:00'];
    expect(spanThere(from, to).match(/2026/g)!.length).toBe(1);
    expect(spanThere(from, to)).toContain('19:05');
  });
});
