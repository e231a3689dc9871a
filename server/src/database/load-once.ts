import type { Sequelize, Transaction } from 'sequelize';
import { changed } from './statement.js';
import { transaction } from './transaction.js';

/**
 * Runs `load` once in the life of the database, in one transaction with the mark that it ran.
 * Data that people have since deleted does not come back.
 */
export async function loadOnce(
  sequelize: Sequelize,
  name: string,
  load: (transaction: Transaction) => Promise<void>,
  within?: Transaction,
): Promise<boolean> {
  return transaction(
    sequelize,
    async (whole) => {
      const marked = await changed(
        sequelize,
        'INSERT INTO loaded_data (name) VALUES ($1) ON CONFLICT DO NOTHING RETURNING 1',
        [name],
        whole,
      );
      if (marked === 0) return false;
      await load(whole);
      return true;
    },
    within,
  );
}
