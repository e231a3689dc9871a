import { type Review, reviewSolve, type SolveDone } from '@sleetcrest/core/insight/review';
import { wayTables } from '../../../base/work/way-tables';

/** A review, or why there is none. */
export type Reviewed = { ok: true; value: Review } | { ok: false; error: string };

export const reviewDeeds = {
  async review(done: SolveDone): Promise<Reviewed> {
    return reviewSolve(done, await wayTables());
  },
};
