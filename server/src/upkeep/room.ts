import type { Sequelize, Transaction } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from './limits.js';
import { forgetOldest, keptOf } from './queries.js';

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
  const found = await keptOf(sequelize, table, owner, id, transaction);
  if (!found || found.known) return;
  const isGuest = found.role === 'guest';
  const most = MOST_KEPT[what][isGuest ? 'guest' : 'account'];
  if (found.kept >= most) {
    throw noRoom(WORDS[what], most, isGuest ? ', or sign up, which keeps more' : '');
  }
  if (found.deleted < most) return;
  await forgetOldest(sequelize, table, owner, most - 1, transaction);
}
