import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { anOwner, PHRASE, aSolve, emptyDatabase, type TestDatabase } from '../app.spec-support.js';
import { AccountService } from '../accounts/service.js';
import { SolveService } from '../solves/service.js';
import { loadOnce } from './load-once.js';
import { isUpToDate, migrate, MIGRATION_NAMES, NewerDatabase, takeBack } from './migrate.js';

describe('the database', () => {
  let database: TestDatabase;
  beforeEach(async () => {
    database = await emptyDatabase();
    await migrate(database.url);
  });
  afterEach(() => database.drop());

  it('is brought up to date with data in it, as often as asked', async () => {
    const { sequelize } = database;
    const owner = await anOwner(sequelize);
    await new SolveService(sequelize).create(owner, aSolve());
    expect(await migrate(database.url)).toEqual([]);
    expect((await new SolveService(sequelize).list(owner, 1, 10)).total).toBe(1);
  });

  it('gives what was kept before there were accounts to the first coach who signs up', async () => {
    const { sequelize } = database;
    await takeBack(database.url, '0004-accounts');
    const { id, name, start } = aSolve();
    await sequelize.query(
      `INSERT INTO saved_solves (id, name, start, method, first_colour, step_count, turn_count, created_at, updated_at)
       VALUES ($1, $2, $3, 'gentle', 'white', 1, 1, now(), now())`,
      { bind: [id, name, JSON.stringify(start)] },
    );
    await migrate(database.url);
    const accounts = new AccountService(sequelize);
    const names = async (owner: string) =>
      (await new SolveService(sequelize).list(owner, 1, 10)).items.map((one) => one.name);
    const learner = await accounts.signUp({ name: 'Amalie', phrase: PHRASE, role: 'learner' });
    expect(await names(learner.id)).toEqual([]);
    const coach = await accounts.signUp({ name: 'Runa', phrase: PHRASE, role: 'coach' });
    expect(await names(coach.id)).toEqual([name]);
    const second = await accounts.signUp({ name: 'Nils', phrase: PHRASE, role: 'coach' });
    expect(await names(second.id)).toEqual([]);
    await takeBack(database.url, '0004-accounts');
    const [rows] = await sequelize.query('SELECT name FROM saved_solves');
    expect(rows).toEqual([{ name }]);
    await migrate(database.url);
  });

  it('can be taken back migration by migration and forward again', async () => {
    const { url, sequelize } = database;
    await takeBack(url, 0);
    const tables = await sequelize.getQueryInterface().showAllTables();
    expect(tables).toEqual(['migrations']);
    expect(await isUpToDate(sequelize)).toBeFalse();
    expect(await migrate(url)).toEqual([...MIGRATION_NAMES]);
    expect(await isUpToDate(sequelize)).toBeTrue();
  });

  it('itself refuses rows that cannot be', async () => {
    const { sequelize } = database;
    const { solve } = await new SolveService(sequelize).create(await anOwner(sequelize), aSolve());
    const change = (set: string) =>
      sequelize.query(`UPDATE saved_solves SET ${set} WHERE id = '${solve.id}'`);
    for (const set of [
      `name = ' '`,
      `start = '{}'`,
      `method = 'My way'`,
      `first_colour = 'pink'`,
      'step_count = -1',
      'turn_count = 1',
      'position_step = step_count + 1',
      'position_step = step_count, position_turn = 1',
      'position_turn = -1',
      'created_at = NULL',
    ]) {
      await expectAsync(change(set)).withContext(set).toBeRejected();
    }
    await expectAsync(change('position_step = step_count, position_turn = 0')).toBeResolved();
  });

  it('answers the list of solves from an index', async () => {
    const { sequelize } = database;
    await sequelize.query('SET enable_seqscan = off');
    const plan = await sequelize.query<{ 'QUERY PLAN': string }>(
      `EXPLAIN SELECT * FROM saved_solves WHERE owner_id = '${randomUUID()}' AND deleted_at IS NULL ORDER BY created_at DESC, id DESC LIMIT 20`,
      { type: QueryTypes.SELECT },
    );
    expect(plan.map((row) => row['QUERY PLAN']).join()).toContain('saved_solves_newest');
  });

  it('is made by one of several that start at once; the others find it made', async () => {
    const { url, sequelize } = database;
    await takeBack(url, 0);
    const made = await Promise.all([1, 2, 3, 4].map(() => migrate(url)));
    expect(made.flat().sort()).toEqual([...MIGRATION_NAMES]);
    expect(await isUpToDate(sequelize)).toBeTrue();
  });

  it('is left as it was, record and all, by a change that fails half-way', async () => {
    const { url, sequelize } = database;
    await takeBack(url, '0006-keeping');
    // The last thing that the change does is there already.
    await sequelize.query(`CREATE INDEX accounts_of_guests ON accounts (created_at)`);
    await expectAsync(migrate(url)).toBeRejectedWithError(/already exists/);
    expect(await isUpToDate(sequelize)).toBeFalse();
    const tables = await sequelize.getQueryInterface().showAllTables();
    expect(tables).not.toContain('secrets');
    await sequelize.query('DROP INDEX accounts_of_guests');
    expect(await migrate(url)).toEqual(
      MIGRATION_NAMES.slice(MIGRATION_NAMES.indexOf('0006-keeping')),
    );
  });

  it('is not touched when a version more than one step newer changed it', async () => {
    const { url, sequelize } = database;
    // One step ahead is the next version's, which only adds: this one goes on beside it.
    await sequelize.query(`INSERT INTO migrations (name) VALUES ('0998-tables')`);
    expect(await isUpToDate(sequelize)).toBeTrue();
    expect(await migrate(url)).toEqual([]);
    await sequelize.query(`INSERT INTO migrations (name) VALUES ('0999-tables-with-legs')`);
    await expectAsync(migrate(url)).toBeRejectedWithError(
      NewerDatabase,
      /newer Sleetcrest \(0998-tables, 0999-tables-with-legs\): start that version, or restore a backup/,
    );
    await expectAsync(takeBack(url, 0)).toBeRejectedWithError(NewerDatabase);
    expect(await isUpToDate(sequelize)).toBeFalse();
  });

  it('loads a set of data once, and not at all when loading fails', async () => {
    const { sequelize } = database;
    const service = new SolveService(sequelize);
    const owner = await anOwner(sequelize);
    const load = () =>
      loadOnce(sequelize, 'demo', async (t) => void (await service.create(owner, aSolve(), t)));
    await expectAsync(
      loadOnce(sequelize, 'demo', async (t) => {
        await service.create(owner, aSolve(), t);
        throw new Error('half-way');
      }),
    ).toBeRejectedWithError('half-way');
    expect((await service.list(owner, 1, 10)).total).toBe(0);
    const ran = await Promise.all([load(), load(), load()]);
    expect(ran.filter(Boolean).length).toBe(1);
    expect((await service.list(owner, 1, 10)).total).toBe(1);
  });
});
