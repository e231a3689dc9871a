import { numbered, typicalOf } from './counted';

describe('a count', () => {
  it('is written with a comma after the thousands', () => {
    expect([0, 999, 1200].map(numbered)).toEqual(['0', '999', '1,200']);
  });

  it('says what a typical time is taken from', () => {
    expect([1, 1200].map(typicalOf)).toEqual([
      'the last finished',
      'median of the last 1,200 finished',
    ]);
  });
});
