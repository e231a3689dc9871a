import { randomFrom } from '../../puzzle/cube/index.js';
import { canonicalMoment, momentWith, offsetOf } from './moments.js';

describe('a moment of a record', () => {
  it('keeps its offset and its day when it is taken apart and put together', () => {
    const random = randomFrom(3);
    for (let k = 0; k < 500; k++) {
      const at = new Date(Date.UTC(2026, random(12), 1 + random(28), random(24), random(60)));
      const offset = (random(113) - 48) * 15;
      const moment = momentWith(at, offset);
      expect(new Date(moment).getTime()).toBe(at.getTime());
      expect(offsetOf(moment)).toBe(offset);
      expect(canonicalMoment(moment)).toBe(moment);
    }
    expect(momentWith(new Date('2026-11-25T23:30:00Z'), 60)).toBe('2026-11-26T00:30:00.000+01:00');
    expect(momentWith(new Date('2026-11-25T23:30:00Z'), -570)).toBe(
      '2026-11-25T14:00:00.000-09:30',
    );
    expect([offsetOf('2026-11-25T23:30:00Z'), offsetOf('2026-11-25T23:30:00+0545')]).toEqual([
      0, 345,
    ]);
  });

  it('is written in one way, and left alone where it is none', () => {
    expect(canonicalMoment('2026-11-25T18:03:00+00:00')).toBe('2026-11-25T18:03:00.000Z');
    expect(canonicalMoment('2026-11-25T18:03:00.123456+01:00')).toBe(
      '2026-11-25T18:03:00.123+01:00',
    );
    for (const none of ['yesterday', '', '0000-01-01T00:00:00Z', '+012026-01-01T00:00:00Z']) {
      expect(canonicalMoment(none)).toBe(none);
    }
  });
});
