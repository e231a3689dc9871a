import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Umzug, type UmzugStorage } from 'umzug';
import { openDatabase } from './connection.js';
import * as savedSolves from './migrations/0001-saved-solves.js';
import * as loadedData from './migrations/0002-loaded-data.js';
import * as ownMethods from './migrations/0003-own-methods.js';
import * as accounts from './migrations/0004-accounts.js';
import * as log from './migrations/0005-log.js';
import * as keeping from './migrations/0006-keeping.js';
import * as toldOffline from './migrations/0007-told-offline.js';
import * as practice from './migrations/0008-practice.js';
import * as table from './migrations/0009-table.js';
import * as firmFloor from './migrations/0010-firm-floor.js';
import { SAY } from './words.js';

/** Sends SQL within the transaction of a migration. */
export type Send = (sql: string) => Promise<unknown>;

/** One numbered change of the database, made and unmade in one transaction with its record. */
export interface Migration {
  up(send: Send): Promise<void>;
  down(send: Send): Promise<void>;
}

const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '0001-saved-solves': savedSolves,
  '0002-loaded-data': loadedData,
  '0003-own-methods': ownMethods,
  '0004-accounts': accounts,
  '0005-log': log,
  '0006-keeping': keeping,
  '0007-told-offline': toldOffline,
  '0008-practice': practice,
  '0009-table': table,
  '0010-firm-floor': firmFloor,
};

/** The numbered changes this version knows, in order. */
export const MIGRATION_NAMES: readonly string[] = Object.keys(MIGRATIONS);

/** The database was brought up to date by a version that knows more than this one. */
export class NewerDatabase extends Error {
  constructor(unknown: readonly string[]) {
    super(SAY.newerDatabase({ steps: unknown.join(', ') }));
  }
}

/** Any number will do, if nobody else locks by it. */
const LOCK = 418_041_804;

/** Keeps the names of what was done in the same transaction as what is done. */
function storageIn(sequelize: Sequelize, transaction: Transaction): UmzugStorage {
  const send = (sql: string, name: string): Promise<void> =>
    sequelize.query(sql, { bind: [name], transaction }).then(() => undefined);
  return {
    executed: () => recordedIn(sequelize, transaction),
    logMigration: ({ name }) => send('INSERT INTO migrations (name) VALUES ($1)', name),
    unlogMigration: ({ name }) => send('DELETE FROM migrations WHERE name = $1', name),
  };
}

async function recordedIn(sequelize: Sequelize, transaction?: Transaction): Promise<string[]> {
  const rows = await sequelize.query<{ name: string }>(
    'SELECT name FROM migrations ORDER BY name',
    { type: QueryTypes.SELECT, ...(transaction && { transaction }) },
  );
  return rows.map(({ name }) => name);
}

/** How many changes a database may be ahead: the next version expands it, and the one after contracts. */
const STEPS_AHEAD = 1;

/** The changes that this version does not know, where they are more than the next version's. */
function tooNew(names: readonly string[]): string[] {
  const unknown = names.filter((name) => !MIGRATION_NAMES.includes(name));
  return unknown.length > STEPS_AHEAD ? unknown : [];
}

/** Does one thing to the schema while every other process that wants to waits. */
function alone<T>(sequelize: Sequelize, work: (umzug: Umzug) => Promise<T>): Promise<T> {
  return sequelize.transaction(async (transaction) => {
    const send: Send = (sql) => sequelize.query(sql, { transaction });
    await send(`SELECT pg_advisory_xact_lock(${LOCK})`);
    await send('CREATE TABLE IF NOT EXISTS migrations (name varchar(255) PRIMARY KEY)');
    const recorded = await recordedIn(sequelize, transaction);
    const unknown = tooNew(recorded);
    if (unknown.length > 0) throw new NewerDatabase(unknown);
    return work(
      new Umzug({
        migrations: Object.entries(MIGRATIONS).map(([name, migration]) => ({
          name,
          up: () => migration.up(send),
          down: () => migration.down(send),
        })),
        storage: storageIn(sequelize, transaction),
        logger: undefined,
      }),
    );
  });
}

/**
 * Brings a database up to date, one transaction for each change; gives the names of those made.
 * @throws NewerDatabase when it is newer than this version knows; nothing is changed then.
 */
export function migrate(url: string): Promise<string[]> {
  return patiently(url, async (sequelize) => {
    const made: string[] = [];
    for (;;) {
      const [one] = await alone(sequelize, (umzug) => umzug.up({ step: 1 }));
      if (!one) return made;
      made.push(one.name);
    }
  });
}

/** Takes changes back, from the newest to the one named, or all. */
export async function takeBack(url: string, to: string | 0): Promise<void> {
  await patiently(url, (sequelize) => alone(sequelize, (umzug) => umzug.down({ to: to as 0 })));
}

/** Another process may be at it for minutes, and so may we. */
async function patiently<T>(url: string, work: (sequelize: Sequelize) => Promise<T>): Promise<T> {
  const sequelize = openDatabase(url, { patient: true });
  try {
    return await work(sequelize);
  } finally {
    await sequelize.close();
  }
}

/** Whether this version can work on the database: it has all it knows, and is at most one step ahead. */
export async function isUpToDate(sequelize: Sequelize): Promise<boolean> {
  const recorded = await recordedIn(sequelize);
  return MIGRATION_NAMES.every((name) => recorded.includes(name)) && tooNew(recorded).length === 0;
}

/** Whether the database takes no changes, as another is the one that does. */
export async function isStandby(sequelize: Sequelize): Promise<boolean> {
  const [row] = await sequelize.query<{ standby: boolean }>(
    'SELECT pg_is_in_recovery() AS standby',
    { type: QueryTypes.SELECT },
  );
  return row!.standby;
}
