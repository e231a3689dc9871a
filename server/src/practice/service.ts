import type { Cards, ReviewsAdded, ReviewsPage } from '@sleetcrest/contract/practice';
import { hundredthsOf, momentWith, offsetOf } from '@sleetcrest/core/log';
import type { Review } from '@sleetcrest/core/practice';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { inside } from '../database/inside.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { cardsOf } from './thinking.js';

/** Milliseconds for which answers are told again, longer than any transaction takes. */
const OVERLAP = 60_000;
/** How many answers one page holds. */
const PAGE = 1000;
const FIRST_ID = '00000000-0000-0000-0000-000000000000';
const BEGINNING = '1970-01-01T00:00:00.000Z';

/** The columns of an answer after the account's, with their types, and what each holds of it. */
const COLUMNS: readonly (readonly [name: string, type: string, of: (review: Review) => unknown])[] =
  [
    ['id', 'uuid', ({ id }) => id],
    ['kind', 'text', ({ kind }) => kind],
    ['item', 'text', ({ item }) => item],
    ['at', 'timestamptz', ({ at }) => at],
    ['utc_offset', 'smallint', ({ at }) => offsetOf(at)],
    ['is_right', 'boolean', ({ right }) => right],
    ['hundredths', 'integer', ({ seconds }) => hundredthsOf(seconds)],
    ['answer', 'text', ({ answer }) => answer],
    ['turns', 'smallint', ({ turns }) => turns],
    ['given_by', 'text', ({ by }) => by],
  ];
const NAMES = COLUMNS.map(([name]) => name).join(', ');

interface Row extends Pick<Review, 'id' | 'kind' | 'item' | 'answer' | 'turns'> {
  at: Date;
  utc_offset: number;
  is_right: boolean;
  hundredths: number;
  given_by: Review['by'];
  arrived_at: Date;
}

const reviewOf = (row: Row): Review => ({
  ...{ id: row.id, kind: row.kind, item: row.item, at: momentWith(row.at, row.utc_offset) },
  ...{ right: row.is_right, seconds: row.hundredths / 100, answer: row.answer },
  ...{ turns: row.turns, by: row.given_by },
});

/** Keeps the answers of practice, each for its account alone: what it has answered is in the database. */
export class PracticeService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly most: number = MOST_KEPT.reviews,
  ) {}

  /** Adds answers, all or none. One that is kept already is left as it is. */
  async add(
    account: string,
    reviews: readonly Review[],
    transaction?: Transaction,
  ): Promise<ReviewsAdded> {
    const full = await this.sequelize.query(
      'SELECT FROM practice_reviews WHERE account_id = $1 OFFSET $2 LIMIT 1',
      {
        bind: [account, this.most - reviews.length],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    if (full.length > 0) throw noRoom('answers of practice', this.most);
    const columns = COLUMNS.map(([, type], k) => `$${k + 2}::${type}[]`);
    const added = await this.sequelize.query(
      `INSERT INTO practice_reviews (account_id, ${NAMES})
       SELECT $1, given.* FROM unnest(${columns.join(', ')}) AS given
       ON CONFLICT DO NOTHING RETURNING 1`,
      {
        bind: [account, ...COLUMNS.map(([, , of]) => reviews.map(of))],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return { added: added.length, known: reviews.length - added.length };
  }

  /**
   * What has come in since a moment, in the order it came. It is told once it is a minute old, and told
   * again for a minute: what was being added while this was asked is else in no answer.
   */
  async since(account: string, since = BEGINNING, after = FIRST_ID): Promise<ReviewsPage> {
    const [{ now }] = (await this.sequelize.query<{ now: Date }>('SELECT now() AS now', {
      type: QueryTypes.SELECT,
    })) as [{ now: Date }];
    const rows = await this.sequelize.query<Row>(
      `SELECT ${NAMES}, arrived_at FROM practice_reviews
       WHERE account_id = $1 AND (arrived_at, id) > ($2::timestamptz, $3::uuid)
       ORDER BY arrived_at, id LIMIT ${PAGE}`,
      { bind: [account, since, after], type: QueryTypes.SELECT },
    );
    const last = rows.length === PAGE ? rows[rows.length - 1]! : undefined;
    return {
      items: rows.map(reviewOf),
      next: last
        ? { since: last.arrived_at.toISOString(), after: last.id }
        : { since: new Date(now.getTime() - OVERLAP).toISOString() },
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
    const reviews: Review[] = [];
    for await (const page of this.all(account)) reviews.push(...page);
    return { items: await cardsOf(reviews) };
  }
}
