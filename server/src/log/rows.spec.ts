import { randomFrom } from '@sleetcrest/core';
import { momentWith, offsetOf, placeholders, WRITTEN } from './rows.js';

describe('a moment of a record', () => {
  it('keeps its offset and its day through the database', () => {
    const random = randomFrom(3);
    for (let k = 0; k < 500; k++) {
      const at = new Date(Date.UTC(2026, random(12), 1 + random(28), random(24), random(60)));
      const offset = (random(113) - 48) * 15;
      const moment = momentWith(at, offset);
      expect(new Date(moment).getTime()).toBe(at.getTime());
      expect(offsetOf(moment)).toBe(offset);
    }
    expect(momentWith(new Date('2026-11-25T23:30:00Z'), 60)).toBe('2026-11-26T00:30:00.000+01:00');
    expect(momentWith(new Date('2026-11-25T23:30:00Z'), -570)).toBe(
      '2026-11-25T14:00:00.000-09:30',
    );
    expect([offsetOf('2026-11-25T23:30:00Z'), offsetOf('2026-11-25T23:30:00+0545')]).toEqual([
      0, 345,
    ]);
  });
});

describe('the placeholders of an insert', () => {
  it('count on from record to record', () => {
    const numbers = [...placeholders(2).matchAll(/\$(\d+)/g)].map(([, number]) => Number(number));
    expect(numbers).toEqual(Array.from({ length: 2 * WRITTEN.length }, (_, k) => k + 1));
  });
});
