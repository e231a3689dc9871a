import { sessionSchema } from '@sleetcrest/contract/accounts';
import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { groupSchema } from '@sleetcrest/contract/accounts';
import { aRecord, aSolve, PHRASE, TestApp, type Visitor } from '../app.spec-support.js';

describe('a session', () => {
  let app: TestApp;
  let visitor: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    visitor = app.somebody();
  });
  afterEach(() => app.stop());

  const cookieOf = async (who: Visitor): Promise<string | null> =>
    (await who.ask('GET', '/api/session')).headers.get('set-cookie');
  const named = async (who: Visitor, headers = {}): Promise<string | undefined> => {
    const { body } = await who.ask('GET', '/api/session', undefined, headers);
    return sessionSchema.parse(body).account?.name;
  };

  it('has a token from the first visit on, and another once somebody signs in', async () => {
    const first = (await cookieOf(visitor))!;
    expect(await cookieOf(visitor)).toBeNull();
    const answer = await visitor.ask('POST', '/api/accounts', {
      name: 'Teo',
      phrase: 'three larches by the shore',
      role: 'learner',
    });
    const second = answer.headers.get('set-cookie')!;
    expect(second.split(';')[0]).not.toBe(first.split(';')[0]);
    // Whoever had planted the first one has nothing by it.
    expect(await named(app.somebody(), { cookie: first.split(';')[0]! })).toBeUndefined();
  });

  it('is nobody’s when its token is made up, malformed or expired', async () => {
    const madeUp = `sleetcrest_session=${'a'.repeat(43)}`;
    expect(await named(app.somebody(), { cookie: madeUp })).toBeUndefined();
    expect(await named(app.somebody(), { cookie: 'sleetcrest_session=%00' })).toBeUndefined();
    await visitor.signUp('Teo');
    await app.database.sequelize.query(`UPDATE sessions SET expires_at = now() - interval '1 s'`);
    expect(await named(visitor)).toBeUndefined();
  });

  it('ends on every process in the moment its end is answered', async () => {
    const other = await app.beside();
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    const { code, id: group } = groupSchema.parse(made.body);
    const GIVEN = 'a phrase set by the coach';
    const ends: [string, (who: Visitor, id: string) => Promise<{ status: number }>][] = [
      ['signing out', (who) => who.ask('DELETE', '/api/session')],
      ['out everywhere', (who) => who.ask('POST', '/api/account/sign-out-everywhere')],
      [
        'a new phrase',
        (who) =>
          who.ask('PATCH', '/api/account', {
            phrase: { now: PHRASE, next: 'another long phrase' },
          }),
      ],
      [
        GIVEN,
        async (_, id) => {
          await app.database.sequelize.query(
            'UPDATE accounts SET phrase_given = true WHERE id = $1',
            { bind: [id] },
          );
          return coach.ask('POST', `/api/learners/${id}/phrase`, { phrase: PHRASE });
        },
      ],
      ['being deleted', (who) => who.ask('DELETE', '/api/account', { phrase: PHRASE })],
    ];
    for (const [how, end] of ends) {
      const learner = app.somebody();
      const { id } = await learner.signUp(`Learner by ${how}`);
      await learner.ask('POST', '/api/groups/join', { code });
      // As if the group had made the account, and they had yet to choose a phrase.
      if (how === GIVEN) {
        await app.database.sequelize.query('UPDATE accounts SET made_in = $1 WHERE id = $2', {
          bind: [group, id],
        });
      }
      // Both processes have met this session, and remember it as far as they remember any.
      const there = learner.at(other);
      expect((await there.ask('POST', '/api/log', aRecord())).status)
        .withContext(how)
        .toBe(201);
      expect((await there.ask('GET', '/api/log')).status).toBe(200);
      expect((await end(learner, id)).status)
        .withContext(how)
        .toBeLessThan(300);
      const kept = aRecord();
      const answers = await Promise.all([
        there.ask('POST', '/api/log', kept),
        there.ask('GET', '/api/log'),
        there.ask('GET', '/api/account/export'),
        there.ask('POST', '/api/log/remove', { ids: [kept.id] }),
      ]);
      expect(answers.map(({ status }) => status))
        .withContext(how)
        .toEqual([401, 401, 401, 401]);
      const [rows] = await app.database.sequelize.query(
        `SELECT FROM log_entries WHERE id = '${kept.id}'`,
      );
      expect(rows.length).withContext(how).toBe(0);
    }
    await other.stop();
  }, 20_000);

  it('is not begun by a phrase that is changed in the same moment', async () => {
    const { id } = await visitor.signUp('Teo');
    const { sequelize } = app.database;
    // Somebody changes it: not yet at its end when the old one is found right.
    const changing = await sequelize.transaction();
    await sequelize.query(`UPDATE accounts SET phrase_hash = 'another' WHERE id = '${id}'`, {
      transaction: changing,
    });
    const late = app.somebody().ask('POST', '/api/session', { name: 'Teo', phrase: PHRASE });
    for (let waiting = 0; waiting === 0;) {
      const [row] = await sequelize.query<{ waiting: number }>(
        `SELECT count(*)::int AS waiting FROM pg_locks WHERE NOT granted`,
        { type: QueryTypes.SELECT },
      );
      waiting = row!.waiting;
    }
    await sequelize.query('DELETE FROM sessions', { transaction: changing });
    await changing.commit();
    expect((await late).status).toBe(401);
    const [rows] = await sequelize.query('SELECT FROM sessions');
    expect(rows.length).toBe(0);
  });

  it('of a guest is the same on every process that meets its token first', async () => {
    const other = await app.beside();
    await visitor.ask('GET', '/api/session');
    const there = visitor.at(other);
    const solve = aSolve();
    const [here, again] = await Promise.all([
      visitor.ask('POST', '/api/solves', solve),
      there.ask('POST', '/api/solves', solve),
    ]);
    expect([here.status, again.status].sort()).toEqual([200, 201]);
    await other.stop();
  });

  it('is remembered as used once a day', async () => {
    await visitor.signUp('Teo');
    const { sequelize } = app.database;
    await sequelize.query(`UPDATE sessions SET seen_on = current_date - 3`);
    await visitor.ask('GET', '/api/log');
    const [rows] = await sequelize.query('SELECT seen_on = current_date AS today FROM sessions');
    expect(rows).toEqual([{ today: true }]);
  });

  it('keeps no token in the database that could be used', async () => {
    const answer = await visitor.ask('POST', '/api/accounts', {
      name: 'Teo',
      phrase: 'three larches by the shore',
      role: 'learner',
    });
    const token = /sleetcrest_session=([\w-]+)/.exec(answer.headers.get('set-cookie')!)![1]!;
    const [rows] = await app.database.sequelize.query(
      `SELECT encode(token_hash, 'base64') AS hash, encode(token_hash, 'escape') AS raw FROM sessions`,
    );
    expect(JSON.stringify(rows)).not.toContain(token);
    expect((rows as object[]).length).toBe(1);
  });
});
