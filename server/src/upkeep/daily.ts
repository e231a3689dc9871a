import { QueryTypes, type Sequelize } from 'sequelize';
import type { Logger } from 'pino';
import { errorFields } from '../http/logging.js';
import { purge } from './purge.js';

const HOUR = 3_600_000;

/**
 * Does a piece of work if no process has done it today; gives whether it did. The day is marked in
 * the transaction that holds others off, so that work cut short is done by the next who looks.
 */
export async function onceToday(
  sequelize: Sequelize,
  name: string,
  work: () => Promise<void>,
): Promise<boolean> {
  return sequelize.transaction(async (transaction) => {
    const ask = <T extends object>(sql: string) =>
      sequelize.query<T>(sql, { bind: [name], type: QueryTypes.SELECT, transaction });
    // Whoever does it may take longer than a transaction may stand still.
    await sequelize.query('SET LOCAL idle_in_transaction_session_timeout = 0', { transaction });
    const [lock] = await ask<{ ours: boolean }>(
      'SELECT pg_try_advisory_xact_lock(hashtext($1)) AS ours',
    );
    if (!lock?.ours) return false;
    const done = await ask('SELECT FROM daily_work WHERE name = $1 AND done_on = current_date');
    if (done.length > 0) return false;
    await work();
    await ask('INSERT INTO daily_work (name, done_on) VALUES ($1, current_date) RETURNING name');
    return true;
  });
}

/** Looks every hour whether today's upkeep is done; gives how to stop looking. */
export function keepUp(sequelize: Sequelize, logger: Logger): () => void {
  const look = async (): Promise<void> => {
    try {
      await onceToday(sequelize, 'purge', async () => {
        const gone = await purge(sequelize);
        const count = Object.values(gone).reduce((sum, some) => sum + some, 0);
        logger.info({ work: 'purge', count }, 'removed what is kept no longer');
      });
    } catch (error) {
      logger.error(
        { work: 'purge', error: errorFields(error) },
        'upkeep failed; it is tried again',
      );
    }
  };
  void look();
  const timer = setInterval(() => void look(), HOUR);
  timer.unref();
  return () => clearInterval(timer);
}
