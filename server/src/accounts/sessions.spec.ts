import { sessionSchema } from '@sleetcrest/contract/accounts';
import { TestApp, type Visitor } from '../app.spec-support.js';

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
      ...{ name: 'Teo', phrase: 'three larches by the shore', role: 'learner' },
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

  it('keeps no token in the database that could be used', async () => {
    const answer = await visitor.ask('POST', '/api/accounts', {
      ...{ name: 'Teo', phrase: 'three larches by the shore', role: 'learner' },
    });
    const token = /sleetcrest_session=([\w-]+)/.exec(answer.headers.get('set-cookie')!)![1]!;
    const [rows] = await app.database.sequelize.query(
      `SELECT encode(token_hash, 'base64') AS hash, encode(token_hash, 'escape') AS raw FROM sessions`,
    );
    expect(JSON.stringify(rows)).not.toContain(token);
    expect((rows as object[]).length).toBe(1);
  });
});
