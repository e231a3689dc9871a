import { CARD_KINDS, INPUTS, type Review } from '@sleetcrest/core/learner/answers';
import { hundredthsOf, momentWith, offsetOf } from '@sleetcrest/core/learner/log';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { changed, exactly, rowOf, rowsOf } from '../database/statement.js';

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

const reviewRow = z.object({
  id: z.string(),
  kind: z.enum(CARD_KINDS),
  item: z.string(),
  at: z.date(),
  utc_offset: z.number(),
  is_right: z.boolean(),
  hundredths: z.number(),
  answer: z.string(),
  turns: z.number(),
  given_by: z.enum(INPUTS),
  arrived: z.string(),
});

/** An answer, and when it came in with all its digits. */
export interface Arrived {
  review: Review;
  arrived: string;
}

const arrivedOf = (row: z.infer<typeof reviewRow>): Arrived => ({
  review: {
    id: row.id,
    kind: row.kind,
    item: row.item,
    at: momentWith(row.at, row.utc_offset),
    right: row.is_right,
    seconds: row.hundredths / 100,
    answer: row.answer,
    turns: row.turns,
    by: row.given_by,
  },
  arrived: row.arrived,
});

/**
 * How many answers an account has. Whoever adds some holds this row until they are kept, so that they come in
 * one after the other, also where several processes add them.
 */
export async function totalHeld(
  sequelize: Sequelize,
  account: string,
  transaction: Transaction,
): Promise<number> {
  const row = await rowOf(
    sequelize,
    z.object({ total: z.number() }),
    `INSERT INTO practice_facts AS kept (account_id) VALUES ($1)
     ON CONFLICT (account_id) DO UPDATE SET total = kept.total RETURNING total`,
    [account],
    transaction,
  );
  return row!.total;
}

/** Adds answers that are not there; gives how many. Their total is counted with them. */
export async function addReviews(
  sequelize: Sequelize,
  account: string,
  reviews: readonly Review[],
  transaction: Transaction,
): Promise<number> {
  const types = COLUMNS.map(([, type], k) => `$${k + 2}::${type}[]`);
  const added = await changed(
    sequelize,
    `INSERT INTO practice_reviews (account_id, ${NAMES}, arrived_at)
     SELECT $1, given.*, clock_timestamp() FROM unnest(${types.join(', ')}) AS given
     ON CONFLICT DO NOTHING RETURNING 1`,
    [account, ...COLUMNS.map(([, , of]) => reviews.map(of))],
    transaction,
  );
  await changed(
    sequelize,
    'UPDATE practice_facts SET total = total + $2 WHERE account_id = $1 RETURNING 1',
    [account, added],
    transaction,
  );
  return added;
}

/** Answers that came in after one, in the order in which they came. */
export async function reviewsAfter(
  sequelize: Sequelize,
  account: string,
  since: string,
  after: string,
  limit: number,
): Promise<Arrived[]> {
  const rows = await rowsOf(
    sequelize,
    reviewRow,
    `SELECT ${NAMES}, ${exactly('arrived_at')} AS arrived FROM practice_reviews
     WHERE account_id = $1 AND (arrived_at, id) > ($2::timestamptz, $3::uuid)
     ORDER BY arrived_at, id LIMIT $4`,
    [account, since, after, limit],
  );
  return rows.map(arrivedOf);
}

const factsRow = z.object({
  id: z.string(),
  total: z.number(),
  answers: z.number(),
  since: z.string(),
  after: z.string(),
  facts: z.string().nullable(),
});
/** What somebody's answers leave, as far as it was reckoned, and after which answer it goes on. */
export type FactsKept = z.infer<typeof factsRow>;

export const factsOf = (sequelize: Sequelize, accounts: readonly string[]): Promise<FactsKept[]> =>
  rowsOf(
    sequelize,
    factsRow,
    `SELECT account_id AS id, total, answers, ${exactly('upto_at')} AS since, upto_id AS after, facts
     FROM practice_facts WHERE account_id = ANY ($1::uuid[])`,
    [accounts],
  );

/** Keeps what answers leave, unless more is kept already. */
export const keepFacts = (sequelize: Sequelize, kept: FactsKept): Promise<number> =>
  changed(
    sequelize,
    `UPDATE practice_facts SET answers = $2, upto_at = $3::timestamptz, upto_id = $4, facts = $5,
       made_at = now() WHERE account_id = $1 AND answers <= $2 RETURNING 1`,
    [kept.id, kept.answers, kept.since, kept.after, kept.facts],
  );

/** Counts anew what others than this version may have added; what does not agree is reckoned from the beginning. */
export const recount = (sequelize: Sequelize): Promise<number> =>
  changed(
    sequelize,
    `INSERT INTO practice_facts AS kept (account_id, total)
     SELECT account_id, count(*)::int FROM practice_reviews GROUP BY account_id
     ON CONFLICT (account_id) DO UPDATE SET total = excluded.total, answers = 0, facts = NULL,
       upto_at = '1970-01-01Z', upto_id = '00000000-0000-0000-0000-000000000000'
     WHERE kept.total <> excluded.total RETURNING 1`,
  );
