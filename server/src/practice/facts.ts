import type { Review } from '@sleetcrest/core/learner/answers';
import type { Sequelize } from 'sequelize';
import { factsOf, keepFacts, reviewsAfter, type FactsKept } from './queries.js';
import { withAdded } from './thinking.js';

/** Answers that are reckoned with at once. */
const AT_ONCE = 2000;
export const FIRST_ID = '00000000-0000-0000-0000-000000000000';
export const BEGINNING = '1970-01-01T00:00:00.000000Z';

/**
 * What each learner's answers leave, kept beside them: only answers that came since are read. One that was
 * given before others which are in it, as on a device without a network, has the whole made anew.
 */
export class PracticeFacts {
  constructor(private readonly sequelize: Sequelize) {}

  /** What the answers of some leave, as they are now, by account; who never answered is not among them. */
  async of(accounts: readonly string[], signal?: AbortSignal): Promise<Map<string, FactsKept>> {
    const found = new Map<string, FactsKept>();
    for (const kept of await factsOf(this.sequelize, accounts)) {
      found.set(kept.id, kept.answers < kept.total ? await this.upToDate(kept, signal) : kept);
    }
    return found;
  }

  /** Adds to what is kept of somebody what came since. */
  async keep(account: string, signal?: AbortSignal): Promise<void> {
    await this.of([account], signal);
  }

  private async upToDate(kept: FactsKept, signal?: AbortSignal): Promise<FactsKept> {
    const now = (await this.continued(kept, signal)) ?? (await this.anew(kept, signal));
    await keepFacts(this.sequelize, now);
    return now;
  }

  /** What is kept, with what came since; undefined where that was given before what is in it. */
  private async continued(
    { ...now }: FactsKept,
    signal?: AbortSignal,
  ): Promise<FactsKept | undefined> {
    for (;;) {
      signal?.throwIfAborted();
      const some = await reviewsAfter(this.sequelize, now.id, now.since, now.after, AT_ONCE);
      const last = some.at(-1);
      if (!last) return { ...now, total: now.answers };
      const facts = await withAdded(
        now.facts,
        some.map(({ review }) => review),
        signal,
      );
      if (facts === null) return undefined;
      now.facts = facts;
      now.answers += some.length;
      now.since = last.arrived;
      now.after = last.review.id;
      if (some.length < AT_ONCE) return { ...now, total: now.answers };
    }
  }

  /** Reads all answers of somebody, and reckons with them in the order in which they were given. */
  private async anew(kept: FactsKept, signal?: AbortSignal): Promise<FactsKept> {
    const reviews: Review[] = [];
    let [since, after] = [BEGINNING, FIRST_ID];
    for (;;) {
      signal?.throwIfAborted();
      const some = await reviewsAfter(this.sequelize, kept.id, since, after, AT_ONCE);
      const last = some.at(-1);
      for (const { review } of some) reviews.push(review);
      if (last) [since, after] = [last.arrived, last.review.id];
      if (some.length < AT_ONCE) break;
    }
    const answers = reviews.length;
    const facts = await withAdded(null, reviews, signal);
    return { id: kept.id, total: answers, answers, since, after, facts };
  }
}
