import { placeholders, WRITTEN } from './rows.js';

describe('the placeholders of an insert', () => {
  it('count on from record to record, each with its type', () => {
    const both = [...placeholders(), ...placeholders(1)];
    const numbers = both.map((one) => Number(/^\$(\d+)::[a-z]+(\[\])?$/.exec(one)![1]));
    expect(numbers).toEqual(Array.from({ length: 2 * WRITTEN.length }, (_, k) => k + 1));
  });
});
