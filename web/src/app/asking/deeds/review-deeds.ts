import { reviewSolve, type Review, type SolveDone } from '@sleetcrest/core/review';
import { wayTables } from '../way-tables';

/** A review, or why there is none. */
export type Reviewed = { ok: true; value: Review } | { ok: false; error: string };

export const reviewDeeds = {
  async review(done: SolveDone): Promise<Reviewed> {
    return reviewSolve(done, await wayTables());
  },
};
