import type { Sequelize, Transaction } from 'sequelize';
import { isConflict, NothingKept, PerhapsKept, troubleOf } from './errors.js';
import { sendNotices } from './notices.js';

/** How often work is begun anew that waited for other work which waited for it. */
const TRIES = 3;

/**
 * Does some work whole or not at all: its statements, the locks they take, and what is told of it
 * (`tell`), which goes out with the commit and not before. Inside another transaction it is part of that.
 *
 * The work may be begun anew, where it and another waited for each other: it asks the database alone.
 * @throws NothingKept where the database was lost before the commit, PerhapsKept where it was lost in it.
 */
export async function transaction<T>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<T>,
  within?: Transaction,
): Promise<T> {
  if (within) return work(within);
  for (let tries = 1; ; tries++) {
    try {
      return await once(sequelize, work);
    } catch (error) {
      if (!isConflict(error) || tries === TRIES) throw error;
    }
  }
}

async function once<T>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  const begun = await sequelize.transaction();
  let done: T;
  try {
    done = await work(begun);
    await sendNotices(sequelize, begun);
  } catch (error) {
    const rolledBack = begun.rollback().catch(() => undefined);
    // Where the connection is gone, so is the transaction: nobody waits for it.
    if (troubleOf(error) === 'lost') throw new NothingKept(error);
    await rolledBack;
    throw error;
  }
  try {
    await begun.commit();
  } catch (error) {
    throw troubleOf(error) === 'lost' ? new PerhapsKept(error) : error;
  }
  return done;
}

/** The option that runs a statement inside a transaction, if there is one. */
export const inside = (transaction: Transaction | undefined): { transaction?: Transaction } =>
  transaction ? { transaction } : {};
