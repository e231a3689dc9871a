import { randomUUID } from 'node:crypto';
import pg from 'pg';
import type { Sequelize, Transaction } from 'sequelize';
import { anOwner, migratedDatabase, type TestDatabase } from '../app.spec-support.js';
import { connectionOptions } from './connection.js';
import { NothingKept, PerhapsKept, troubleOf } from './errors.js';
import { modelsOf } from './models/index.js';
import { CHANNEL, MOST_TOLD, tell } from './notices.js';
import { transaction } from './transaction.js';

describe('a transaction', () => {
  let database: TestDatabase;
  let sequelize: Sequelize;
  let listener: pg.Client;
  let heard: string[];
  beforeEach(async () => {
    database = await migratedDatabase();
    ({ sequelize } = database);
    heard = [];
    listener = new pg.Client(connectionOptions(database.url));
    await listener.connect();
    listener.on('notification', ({ payload }) => heard.push(payload!));
    await listener.query(`LISTEN ${CHANNEL}`);
  });
  afterEach(async () => {
    await listener.end();
    await database.drop();
  });

  const run = (sql: string, whole: Transaction) => sequelize.query(sql, { transaction: whole });
  const count = async (): Promise<number> => modelsOf(sequelize).accounts.count();
  const make = (whole: Transaction) =>
    modelsOf(sequelize).accounts.create(
      { id: randomUUID(), role: 'guest' },
      { transaction: whole },
    );
  /** All that was told before this is heard. */
  const settled = () => listener.query('SELECT 1');

  it('tells what it did once it holds, in order, and not before', async () => {
    const [one, two] = [randomUUID(), randomUUID()];
    await transaction(sequelize, async (whole) => {
      await make(whole);
      tell(whole, { of: 'session', live: one });
      tell(whole, { of: 'over', live: two, why: 'ended' });
      await settled();
      expect(heard).toEqual([]);
    });
    await settled();
    expect(heard.map((told) => JSON.parse(told) as object)).toEqual([
      { of: 'session', live: one },
      { of: 'over', live: two, why: 'ended' },
    ]);
  });

  it('tells nothing where it fails, and keeps nothing', async () => {
    const failing = transaction(sequelize, async (whole) => {
      await make(whole);
      tell(whole, { of: 'session', live: randomUUID() });
      throw new Error('half-way');
    });
    await expectAsync(failing).toBeRejectedWithError('half-way');
    await settled();
    expect([heard, await count()]).toEqual([[], 0]);
  });

  it('tells what is too long for one notice without what is to be asked for', async () => {
    const live = randomUUID();
    await transaction(sequelize, (whole) => {
      tell(whole, { of: 'one', live, who: live, event: { words: 'ü'.repeat(MOST_TOLD) } });
      return Promise.resolve();
    });
    await settled();
    expect(JSON.parse(heard[0]!)).toEqual({ of: 'one', live, who: live });
  });

  it('is begun anew where it and another waited for each other', async () => {
    const [a, b] = [await anOwner(sequelize), await anOwner(sequelize)];
    let tries = 0;
    const both: (() => void)[] = [];
    // Each holds one row before it wants the other's.
    const together = (): Promise<void> =>
      new Promise((resolve) => {
        both.push(resolve);
        if (both.length >= 2) for (const go of both) go();
      });
    const lock = (id: string, whole: Transaction) =>
      run(`SELECT FROM accounts WHERE id = '${id}' FOR UPDATE`, whole);
    const swap = (first: string, second: string) =>
      transaction(sequelize, async (whole) => {
        tries++;
        await lock(first, whole);
        await together();
        await lock(second, whole);
      });
    await Promise.all([swap(a, b), swap(b, a)]);
    expect(tries).toBe(3);
  });

  it('says that nothing was kept where the database is lost before the commit', async () => {
    const lost = transaction(sequelize, async (whole) => {
      await make(whole);
      await run('SELECT pg_terminate_backend(pg_backend_pid())', whole);
    });
    await expectAsync(lost).toBeRejectedWithError(NothingKept);
    expect(await count()).toBe(0);
  });

  it('says that it may have been kept where the database is lost in the commit', async () => {
    await sequelize.query(`
      CREATE FUNCTION cut() RETURNS trigger LANGUAGE plpgsql AS
        $$ BEGIN PERFORM pg_terminate_backend(pg_backend_pid()); RETURN NULL; END $$;
      CREATE CONSTRAINT TRIGGER cut AFTER INSERT ON accounts DEFERRABLE INITIALLY DEFERRED
        FOR EACH ROW EXECUTE FUNCTION cut()`);
    const lost = transaction(sequelize, make);
    await expectAsync(lost).toBeRejectedWithError(PerhapsKept);
    expect(await lost.catch(troubleOf)).toBe('lost');
  });

  it('finds the database again after it was cut off', async () => {
    const hearing = await listener.query<{ pid: number }>('SELECT pg_backend_pid() AS pid');
    await sequelize.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
       WHERE datname = current_database() AND pid NOT IN (pg_backend_pid(), ${String(hearing.rows[0]!.pid)})`,
    );
    await transaction(sequelize, make);
    expect(await count()).toBe(1);
  });
});

describe('what went wrong with the database', () => {
  let database: TestDatabase;
  beforeAll(async () => (database = await migratedDatabase()));
  afterAll(() => database.drop());

  const troubleIn = (sql: string): Promise<unknown> =>
    database.sequelize.query(sql).then(() => 'none', troubleOf);
  const someone = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101';

  it('is told by constraint: an account that is gone, something else that is, or what is taken', async () => {
    const own = `INSERT INTO sessions (token_hash, account_id, expires_at) VALUES ('x', '${someone}', now())`;
    expect(await troubleIn(own)).toBe('account gone');
    // Somebody in it is gone, not whoever asks.
    const others = `INSERT INTO assignment_learners VALUES ('${someone}', '${someone}')`;
    expect(await troubleIn(others)).toBe('gone');
    await database.sequelize.query(
      `INSERT INTO accounts (id, role) VALUES ('${someone}', 'guest')`,
    );
    expect(await troubleIn(`INSERT INTO accounts (id, role) VALUES ('${someone}', 'guest')`)).toBe(
      'taken',
    );
  });

  it('is told by SQLSTATE: too long, a standby, no room; and nothing of what is our own fault', async () => {
    const locally = (setting: string, then: string): string =>
      `DO $$ BEGIN SET LOCAL ${setting}; ${then}; END $$`;
    expect(await troubleIn(locally('transaction_read_only = on', 'DELETE FROM accounts'))).toBe(
      'standby',
    );
    await expectAsync(
      database.sequelize
        .transaction(async (whole) => {
          await database.sequelize.query('SET LOCAL statement_timeout = 20', {
            transaction: whole,
          });
          await database.sequelize.query('SELECT pg_sleep(5)', { transaction: whole });
        })
        .catch((error: unknown) => Promise.reject(new Error(troubleOf(error)))),
    ).toBeRejectedWithError('too long');
    for (const [code, trouble] of [
      ['53300', 'full'],
      ['57P01', 'lost'],
      ['57P03', 'lost'],
      ['08006', 'lost'],
      ['25P03', 'lost'],
      ['40001', 'conflict'],
      ['40P01', 'conflict'],
      ['55P03', 'conflict'],
      ['ECONNREFUSED', 'unreachable'],
      ['ECONNRESET', 'lost'],
      ['22P02', undefined],
      ['42P01', undefined],
    ] as const) {
      expect(troubleOf(Object.assign(new Error('no'), { code })))
        .withContext(code)
        .toBe(trouble);
    }
    expect(await troubleIn('SELECT nonsense')).toBeUndefined();
  });
});
