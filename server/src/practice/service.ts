import type { Cards, ReviewsAdded, ReviewsPage } from '@sleetcrest/contract/practice';
import type { Review } from '@sleetcrest/core/learner/answers';
import type { Sequelize, Transaction } from 'sequelize';
import { momentsAgo } from '../database/clock.js';
import { transaction } from '../database/transaction.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { BEGINNING, FIRST_ID, PracticeFacts } from './facts.js';
import { addReviews, reviewsAfter, totalHeld } from './queries.js';
import { cardsIn } from './thinking.js';

/** Milliseconds for which answers are told again, longer than any transaction takes. */
const OVERLAP = 60_000;
/** How many answers one page holds. */
const PAGE = 1000;

/** Keeps the answers of practice, each for its account alone: what it has answered is in the database. */
export class PracticeService {
  readonly facts: PracticeFacts;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly most: number = MOST_KEPT.reviews,
  ) {
    this.facts = new PracticeFacts(sequelize);
  }

  /** Adds answers, all or none. One that is kept already is left as it is. */
  add(account: string, reviews: readonly Review[], within?: Transaction): Promise<ReviewsAdded> {
    return transaction(
      this.sequelize,
      async (whole) => {
        const total = await totalHeld(this.sequelize, account, whole);
        if (total + reviews.length > this.most) throw noRoom('answers', this.most);
        const added = await addReviews(this.sequelize, account, reviews, whole);
        return { added, known: reviews.length - added };
      },
      within,
    );
  }

  /**
   * What has come in since a moment, in the order it came. It is told once it is a minute old, and told
   * again for a minute: what was being added while this was asked is else in no answer.
   */
  async since(account: string, since = BEGINNING, after = FIRST_ID): Promise<ReviewsPage> {
    const later = await momentsAgo(this.sequelize, OVERLAP);
    const rows = await reviewsAfter(this.sequelize, account, since, after, PAGE);
    const last = rows.length === PAGE ? rows.at(-1) : undefined;
    return {
      items: rows.map(({ review }) => review),
      next: last ? { since: last.arrived, after: last.review.id } : { since: later },
    };
  }

  /** Everything, page by page. */
  async *all(account: string): AsyncGenerator<Review[]> {
    let since: string | undefined;
    for (let after: string | undefined = FIRST_ID; after !== undefined;) {
      const page: ReviewsPage = await this.since(account, since, after);
      yield page.items;
      ({ since, after } = page.next);
    }
  }

  /** What the answers leave, reckoned on another thread: the same that the pages reckon. */
  async cards(account: string): Promise<Cards> {
    const kept = (await this.facts.of([account])).get(account);
    return { items: await cardsIn(kept?.facts ?? null) };
  }
}
