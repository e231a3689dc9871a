import { aReview } from '../testing/index.js';
import { reviewBatchSchema, reviewSchema } from './review.js';

describe('an answer of practice', () => {
  it('is one of a case, a sequence or a letter, as it was given', () => {
    for (const one of [
      aReview(),
      aReview({ right: false, answer: 'face-two/none' }),
      aReview({ kind: 'turn', item: "R U R' U'", turns: 4, by: 'cube' }),
      aReview({ kind: 'read', item: "L'" }),
      aReview({ at: '2026-11-01T23:30:00.000-05:00' }),
    ]) {
      expect(reviewSchema.parse(one)).toEqual(one);
    }
  });

  it('is refused with a sentence when it cannot have been one', () => {
    const refused = (change: object, sentence: RegExp): void => {
      const read = reviewSchema.safeParse({ ...aReview(), ...change });
      expect(read.success).withContext(sentence.source).toBeFalse();
      expect(read.error?.issues.map(({ message }) => message).join()).toMatch(sentence);
    };
    refused({ right: true, answer: 'face-two/none' }, /a right answer is not another one/);
    refused({ kind: 'turn', item: 'R Q' }, /Q/);
    refused({ kind: 'read', item: 'R U' }, /one turn is read at a time/);
    refused({ item: '' }, /at least one character/);
    refused({ seconds: 4000 }, /less than an hour/);
    refused({ at: 'yesterday' }, /./);
    refused({ more: 1 }, /more/);
    expect(reviewBatchSchema.safeParse({ reviews: [] }).success).toBeFalse();
  });
});
