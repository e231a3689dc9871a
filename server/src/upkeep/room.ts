import type { Sequelize, Transaction } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from './limits.js';
import { forgetOldest, keptOf } from './queries.js';
import { SAY } from './words.js';

/** What is kept up to a number. */
type Limited = Exclude<keyof typeof SAY, 'noRoom'>;

const TABLES = { cubes: 'saved_solves', methods: 'own_methods' } as const;

/** More of something than is kept for one person. */
export const noRoom = (what: Limited, most: number, isGuest = false): HttpProblem =>
  new HttpProblem(409, SAY.noRoom({ most, what: SAY[what], who: isGuest ? 'guest' : 'account' }));

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
    throw noRoom(what, most, isGuest);
  }
  if (found.deleted < most) return;
  await forgetOldest(sequelize, table, owner, most - 1, transaction);
}
