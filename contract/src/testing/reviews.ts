import type { Review } from '@sleetcrest/core/learner/answers';

let made = 0;

/** An answer: a case seen rightly on 1 November, unless said otherwise. */
export const aReview = (change: Partial<Review> = {}): Review => ({
  id: `00000000-0000-4000-9000-${String(++made).padStart(12, '0')}`,
  kind: 'see',
  item: 'face-two/two',
  at: '2026-11-01T10:00:00.000Z',
  right: true,
  seconds: 2.5,
  answer: '',
  turns: 0,
  by: 'keys',
  ...change,
});
