import { placeholders, WRITTEN } from './rows.js';

describe('the placeholders of an insert', () => {
  it('count on from column to column, each with its type', () => {
    const numbers = placeholders().map((one) => Number(/^\$(\d+)::[a-z]+(\[\])?$/.exec(one)![1]));
    expect(numbers).toEqual(Array.from(WRITTEN, (_, k) => k + 1));
  });
});
