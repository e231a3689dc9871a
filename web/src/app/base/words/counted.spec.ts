import { counted } from './counted';

describe('a count', () => {
  it('is of one, or of several', () => {
    expect([0, 1, 2, 1200].map((count) => counted(count, 'turn'))).toEqual([
      '0 turns',
      '1 turn',
      '2 turns',
      '1,200 turns',
    ]);
    expect(counted(2, 'record is', 'records are')).toBe('2 records are');
  });
});
