import { randomUUID } from 'node:crypto';
import { pino } from 'pino';
import { QueryTypes } from 'sequelize';
import { problemSchema } from '@sleetcrest/contract';
import { aRecord, aSolve, PHRASE, TestApp, type Visitor } from '../app.spec-support.js';
import { BEFORE_ACCOUNTS } from '../database/migrations/0004-accounts.js';
import { LogRoom } from '../log/room.js';
import { LogService } from '../log/service.js';
import { aMethod } from '../methods/methods.spec-support.js';
import { Jobs } from '../jobs/jobs.js';
import { sinceDone } from '../jobs/queries.js';
import { until } from '../until.spec-support.js';
import { MOST_KEPT } from './limits.js';
import { purge } from './purge.js';
import { upkeep } from './upkeep.js';

describe('what is kept', () => {
  let app: TestApp;
  let learner: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    learner = app.somebody();
    await learner.signUp('Teo');
  });
  afterEach(() => app.stop());

  const sql = (text: string) => app.database.sequelize.query(text);
  const count = async (table: string, where = 'true'): Promise<number> => {
    const [row] = await app.database.sequelize.query<{ count: number }>(
      `SELECT count(*)::int AS count FROM ${table} WHERE ${where}`,
      { type: QueryTypes.SELECT },
    );
    return row!.count;
  };

  it('goes for good when it was deleted a month ago, and not before', async () => {
    const [old, recent, kept] = [aSolve(1), aSolve(2), aSolve(3)];
    for (const one of [old, recent, kept]) await learner.ask('POST', '/api/solves', one);
    const record = aRecord();
    await learner.ask('POST', '/api/log', record);
    await learner.ask('POST', '/api/log/remove', { ids: [record.id] });
    await learner.ask('PUT', '/api/methods/landing', aMethod());
    await learner.ask('DELETE', '/api/methods/landing');
    for (const { id } of [old, recent]) await learner.ask('DELETE', `/api/solves/${id}`);
    await sql(
      `UPDATE saved_solves SET deleted_at = now() - interval '31 days' WHERE id = '${old.id}'`,
    );
    await sql(`UPDATE log_entries SET deleted_at = now() - interval '31 days'`);
    await sql(`UPDATE own_methods SET deleted_at = now() - interval '29 days'`);
    expect(await purge(app.database.sequelize)).toEqual(
      jasmine.objectContaining({ saved_solves: 1, log_entries: 1, own_methods: 0, accounts: 0 }),
    );
    expect((await learner.ask('POST', `/api/solves/${old.id}/restore`)).status).toBe(404);
    expect((await learner.ask('POST', `/api/solves/${recent.id}/restore`)).status).toBe(200);
    expect((await learner.ask('POST', '/api/methods/landing/restore')).status).toBe(200);
  });

  it('of a guest goes once no session is left to be known by; accounts stay', async () => {
    const guest = app.somebody();
    await guest.ask('POST', '/api/solves', aSolve());
    await purge(app.database.sequelize);
    expect(await count('saved_solves')).toBe(1);
    await sql(`UPDATE sessions SET seen_on = current_date - 181`);
    await sql(`INSERT INTO accounts (id, role) VALUES ('${BEFORE_ACCOUNTS}', 'guest')`);
    const gone = await purge(app.database.sequelize);
    expect([gone['sessions'], gone['accounts']]).toEqual([2, 1]);
    expect([await count('saved_solves'), await count('accounts', `role = 'learner'`)]).toEqual([
      0, 1,
    ]);
    expect(await count('accounts', `id = '${BEFORE_ACCOUNTS}'`)).toBe(1);
    const back = await learner.ask('POST', '/api/session', { name: 'Teo', phrase: PHRASE });
    expect(back.status).toBe(200);
  });

  it('of a table goes after a day: sessions nobody ended with their guests, paper, codes that are over', async () => {
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const group = randomUUID();
    await coach.ask('POST', '/api/groups', { id: group, name: 'Thursday' });
    const begun = await coach.ask('POST', `/api/groups/${group}/live`, { id: randomUUID() });
    const { code } = begun.body as { code: string };
    await app.somebody().ask('POST', '/api/live/join', { code, nickname: 'Jon' });
    await coach.ask('POST', `/api/groups/${group}/assistants`, { rights: ['see'] });
    const print = { id: randomUUID(), kind: 'letters', day: '2026-11-26', paper: 'A4', for: null };
    await coach.ask('POST', `/api/groups/${group}/prints`, print);
    const tables = ['live_sessions', 'live_presence', 'print_jobs', 'group_invitations'] as const;
    const counts = () => Promise.all(tables.map((table) => count(table)));
    await purge(app.database.sequelize);
    expect(await counts()).toEqual([1, 1, 1, 1]);
    await sql(`UPDATE live_sessions SET begun_at = now() - interval '25 hours'`);
    await sql(`UPDATE print_jobs SET asked_at = now() - interval '25 hours'`);
    await sql(`UPDATE group_invitations SET expires_at = now() - interval '1 minute'`);
    await purge(app.database.sequelize);
    expect(await counts()).toEqual([0, 0, 0, 0]);
    expect(await count('accounts', `role = 'guest'`)).toBe(0);
  });

  it('of tries, places and past days goes when it is of no more use, however much there is', async () => {
    await sql(
      `INSERT INTO tries (key, points, expire) SELECT 'k' || n, 1, 0 FROM generate_series(1, 1200) n`,
    );
    await sql(`INSERT INTO tries (key, points, expire) VALUES ('now', 1, 9e15)`);
    await sql(`UPDATE familiar_addresses SET seen_on = current_date - 200`);
    await sql(`INSERT INTO daily_work VALUES ('purge', current_date - 40)`);
    const gone = await purge(app.database.sequelize);
    expect([gone['familiar_addresses'], gone['daily_work']]).toEqual([1, 1]);
    expect(gone['tries']).toBeGreaterThanOrEqual(1200);
    expect(await count('tries', `key = 'now'`)).toBe(1);
  });

  it('is looked after by a job, which goes on another time where it was cut short', async () => {
    await sql(`UPDATE sessions SET expires_at = now() - interval '1 day'`);
    const stopped = AbortSignal.abort();
    await expectAsync(purge(app.database.sequelize, stopped)).toBeRejected();
    expect(await count('sessions')).toBe(1);
    const jobs = new Jobs(app.database.sequelize, pino({ level: 'silent' }));
    upkeep(app.database.sequelize, jobs, pino({ level: 'silent' }));
    await jobs.begin();
    await jobs.send('purge', {});
    await until(async () => (await count('sessions')) === 0);
    await until(async () => (await sinceDone(app.database.sequelize, 'purge')) !== undefined);
    await jobs.close();
  });

  it('of a deleted account goes in parts, however much it is', async () => {
    const { sequelize } = app.database;
    await sql(
      `INSERT INTO log_entries (account_id, id, kind, began_at, utc_offset, hundredths, outcome, reason,
         note, method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags)
       SELECT id, gen_random_uuid(), 'solve', now(), 0, 5000, 'finished', '', '', 'gentle', '', '', '',
         '{}', '{}', '{}', '{}'
       FROM accounts, generate_series(1, 9000)`,
    );
    expect((await learner.ask('DELETE', '/api/account', { phrase: PHRASE })).status).toBe(200);
    // Nobody is known by it any more, and the name is free, before any of it has gone.
    expect(await count('accounts', 'name IS NOT NULL')).toBe(0);
    await app.somebody().signUp('Teo');
    expect(await count('log_entries')).toBeGreaterThan(0);
    await purge(sequelize);
    expect([await count('log_entries'), await count('accounts')]).toEqual([0, 1]);
  });
});

describe('how much is kept', () => {
  let app: TestApp;
  beforeEach(async () => (app = await TestApp.start()));
  afterEach(() => app.stop());

  /** Fills somebody's saved cubes up with copies of one. */
  const fill = (most: number, deleted = false) =>
    app.database.sequelize.query(
      `INSERT INTO saved_solves (id, owner_id, name, start, method, first_colour, step_count, turn_count,
         position_step, position_turn, created_at, updated_at, deleted_at)
       SELECT gen_random_uuid(), owner_id, name, start, method, first_colour, step_count, turn_count, 0, 0,
         now(), now(), ${deleted ? `now() - n * interval '1 minute'` : 'NULL'}
       FROM (SELECT * FROM saved_solves LIMIT 1) one, generate_series(1, ${most}) n`,
    );

  it('has a limit for a guest, told with what to do; what is there can be sent again', async () => {
    const guest = app.somebody();
    const first = aSolve();
    await guest.ask('POST', '/api/solves', first);
    await fill(MOST_KEPT.cubes.guest - 1);
    const refused = await guest.ask('POST', '/api/solves', aSolve(2));
    expect(refused.status).toBe(409);
    expect(problemSchema.parse(refused.body).detail).toContain(
      'Delete some you need no more, or sign up',
    );
    expect((await guest.ask('POST', '/api/solves', first)).status).toBe(200);
    await guest.ask('DELETE', `/api/solves/${first.id}`);
    expect((await guest.ask('POST', '/api/solves', aSolve(2))).status).toBe(201);
  });

  it('has one for deleted things too: the oldest go for good', async () => {
    const guest = app.somebody();
    await guest.ask('POST', '/api/solves', aSolve());
    await fill(MOST_KEPT.cubes.guest + 7, true);
    await guest.ask('POST', '/api/solves', aSolve(2));
    const [rows] = await app.database.sequelize.query(
      'SELECT FROM saved_solves WHERE deleted_at IS NOT NULL',
    );
    expect(rows.length).toBe(MOST_KEPT.cubes.guest - 1);
  });

  it('has one for methods, groups, learners of a group, and records', async () => {
    const { sequelize } = app.database;
    const [coach, learner] = [app.somebody(), app.somebody()];
    const { id: coachId } = await coach.signUp('Runa', 'coach');
    await learner.signUp('Teo');
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Full' });
    const { code } = made.body as { code: string };
    await sequelize.query(
      `WITH made AS (INSERT INTO accounts (id, role)
         SELECT gen_random_uuid(), 'guest' FROM generate_series(1, ${MOST_KEPT.learnersOfGroup})
         RETURNING id)
       INSERT INTO group_members SELECT groups.id, made.id FROM groups, made`,
    );
    expect((await learner.ask('POST', '/api/groups/join', { code })).status).toBe(409);
    await sequelize.query(
      `INSERT INTO groups (id, coach_id, name, code)
       SELECT gen_random_uuid(), $1::uuid, 'One', lpad(n::text, 8, 'A')
       FROM generate_series(1, ${MOST_KEPT.groups - 1}) n`,
      { bind: [coachId] },
    );
    const more = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'More' });
    expect(more.status).toBe(409);

    await learner.ask('PUT', '/api/methods/landing', aMethod());
    await sequelize.query(
      `INSERT INTO own_methods (owner_id, id, document, proof, created_at, updated_at)
       SELECT owner_id, 'm' || n, document || jsonb_build_object('id', 'm' || n), proof, now(), now()
       FROM own_methods, generate_series(1, ${MOST_KEPT.methods.account - 1}) n`,
    );
    expect((await learner.ask('PUT', '/api/methods/quay', aMethod('quay'))).status).toBe(409);
    expect((await learner.ask('PUT', '/api/methods/landing', aMethod())).status).toBe(200);
  });

  it('has one for records: met at the first that is added, by a batch, and now and again', async () => {
    const { sequelize } = app.database;
    const learner = app.somebody();
    const { id } = await learner.signUp('Teo');
    const log = new LogService(sequelize, new LogRoom(sequelize, 120));
    const records = (count: number) => Array.from({ length: count }, () => aRecord());
    const [session] = await sequelize.query<{ token_hash: Buffer }>('SELECT * FROM sessions', {
      type: QueryTypes.SELECT,
    });
    const add = () => log.add(id, session!.token_hash, aRecord());
    await expectAsync(log.addAll(id, records(121))).toBeRejectedWithError(/You keep 120 records/);
    expect(await log.addAll(id, records(118))).toEqual({ added: 118, known: 0 });
    expect([await add(), await add()]).toEqual([true, true]);
    await expectAsync(log.addAll(id, records(1))).toBeRejected();
    // Another process counts at the first; this one after a hundred more.
    const other = new LogRoom(sequelize, 120);
    await expectAsync(other.forOne(id)).toBeRejectedWithError(/nothing was added/);
    let added = 0;
    while (await add().catch(() => false)) added++;
    expect(added).toBeLessThan(100);
  });
});
