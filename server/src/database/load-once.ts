import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

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
  const once = async (transaction: Transaction): Promise<boolean> => {
    const marked = await sequelize.query(
      'INSERT INTO loaded_data (name) VALUES (:name) ON CONFLICT DO NOTHING RETURNING name',
      { replacements: { name }, type: QueryTypes.SELECT, transaction },
    );
    if (marked.length === 0) return false;
    await load(transaction);
    return true;
  };
  return within ? once(within) : sequelize.transaction(once);
}
