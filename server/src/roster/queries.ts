import { nameKey } from '@sleetcrest/contract/accounts';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { changed, rowsOf } from '../database/statement.js';

/** Of names as they are compared, those that somebody has. */
export async function takenAmong(
  sequelize: Sequelize,
  keys: readonly string[],
): Promise<Set<string>> {
  const rows = await rowsOf(
    sequelize,
    z.object({ key: z.string() }),
    'SELECT name_key AS key FROM accounts WHERE name_key = ANY ($1::text[])',
    [keys],
  );
  return new Set(rows.map(({ key }) => key));
}

/** Makes accounts of a group, each with a phrase to begin with; gives those that were made, as others are there. */
export async function madeAccounts(
  sequelize: Sequelize,
  group: string,
  learners: readonly { id: string; name: string }[],
  hashes: readonly string[],
  transaction: Transaction,
): Promise<string[]> {
  const rows = await rowsOf(
    sequelize,
    z.object({ id: z.string() }),
    `INSERT INTO accounts (id, role, name, name_key, phrase_hash, phrase_given, made_in)
     SELECT given.id, 'learner', given.name, given.key, given.hash, true, $5
     FROM unnest($1::uuid[], $2::text[], $3::text[], $4::text[]) AS given (id, name, key, hash)
     ON CONFLICT DO NOTHING RETURNING id`,
    [
      learners.map(({ id }) => id),
      learners.map(({ name }) => name),
      learners.map(({ name }) => nameKey(name)),
      hashes,
      group,
    ],
    transaction,
  );
  return rows.map(({ id }) => id);
}

export const addToGroup = (
  sequelize: Sequelize,
  group: string,
  learners: readonly string[],
  transaction: Transaction,
): Promise<number> =>
  changed(
    sequelize,
    `INSERT INTO group_members (group_id, learner_id) SELECT $1, unnest($2::uuid[])
     ON CONFLICT DO NOTHING RETURNING 1`,
    [group, learners],
    transaction,
  );
