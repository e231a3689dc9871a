import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from './limits.js';

const TABLES = { cubes: 'saved_solves', methods: 'own_methods' } as const;
const WORDS = { cubes: 'saved cubes', methods: 'methods of your own' } as const;

/** More of something than is kept for one person. */
export const noRoom = (what: string, most: number, besides = ''): HttpProblem =>
  new HttpProblem(
    409,
    `You keep ${most.toLocaleString('en')} ${what}, as many as there is room for; nothing was added. Delete some you need no more${besides}.`,
  );

/**
 * Makes sure that there is room for one more under an id that is not kept yet. Of deleted ones as many
 * stay as could be kept; the oldest go for good.
 * @throws HttpProblem 409 when there is none.
 */
export async function makeRoom(
  sequelize: Sequelize,
  what: keyof typeof TABLES,
  owner: string,
  id: string,
  transaction?: Transaction,
): Promise<void> {
  const table = TABLES[what];
  const [found] = await sequelize.query<{
    role: string;
    kept: number;
    deleted: number;
    known: boolean | null;
  }>(
    `SELECT role, bool_or(own.id::text = $2) AS known,
       count(own.id) FILTER (WHERE deleted_at IS NULL)::int AS kept,
       count(own.id) FILTER (WHERE deleted_at IS NOT NULL)::int AS deleted
     FROM accounts LEFT JOIN ${table} own ON owner_id = accounts.id
     WHERE accounts.id = $1 GROUP BY role`,
    { bind: [owner, id], type: QueryTypes.SELECT, ...inside(transaction) },
  );
  if (!found || found.known) return;
  const isGuest = found.role === 'guest';
  const most = MOST_KEPT[what][isGuest ? 'guest' : 'account'];
  if (found.kept >= most) {
    throw noRoom(WORDS[what], most, isGuest ? ', or sign up, which keeps more' : '');
  }
  if (found.deleted < most) return;
  await sequelize.query(
    `DELETE FROM ${table} WHERE owner_id = $1 AND id IN (
       SELECT id FROM ${table} WHERE owner_id = $1 AND deleted_at IS NOT NULL
       ORDER BY deleted_at DESC OFFSET $2)`,
    { bind: [owner, most - 1], ...inside(transaction) },
  );
}
