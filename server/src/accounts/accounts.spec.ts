import { sessionSchema } from '@sleetcrest/contract/accounts';
import { problemSchema, savedSolveSchema, solvePageSchema } from '@sleetcrest/contract';
import { aSolve, PHRASE, TestApp, type Answer, type Visitor } from '../app.spec-support.js';

const name = ({ body }: Answer): string | undefined => sessionSchema.parse(body).account?.name;

describe('accounts', () => {
  let app: TestApp;
  beforeEach(async () => {
    app = await TestApp.start();
  });
  afterEach(() => app.stop());

  const signIn = (visitor: Visitor, who: string, phrase = PHRASE): Promise<Answer> =>
    visitor.ask('POST', '/api/session', { name: who, phrase });

  it('need a name and a phrase, and keep nothing that would tell the phrase', async () => {
    const visitor = app.somebody();
    await visitor.signUp('Amalie Vik', 'coach');
    expect(name(await visitor.ask('GET', '/api/session'))).toBe('Amalie Vik');
    const [rows] = await app.database.sequelize.query('SELECT * FROM accounts, sessions');
    expect(JSON.stringify(rows)).toContain('$argon2id$');
    expect(JSON.stringify(rows)).not.toContain(PHRASE);
  });

  it('sign in with the name however it is written, and not with another phrase', async () => {
    await app.somebody().signUp('Åse  Lund');
    const visitor = app.somebody();
    expect((await signIn(visitor, 'åse lund', 'something else')).status).toBe(401);
    expect(name(await signIn(visitor, ' ÅSE lund '))).toBe('Åse  Lund');
    expect((await signIn(app.somebody(), 'Nobody')).status).toBe(401);
  });

  it('have names of their own: one that looks like another is refused', async () => {
    await app.somebody().signUp('Teo');
    const again = { name: 'TEO', phrase: PHRASE, role: 'learner' };
    const answer = await app.ask('POST', '/api/accounts', again);
    expect(answer.status).toBe(409);
    expect(problemSchema.parse(answer.body).errors![0]!.path).toBe('name');
  });

  it('take changes from their own pages only', async () => {
    const visitor = app.somebody();
    await visitor.signUp('Teo');
    const from = async (headers: Record<string, string>): Promise<number> =>
      (await visitor.ask('POST', '/api/solves', aSolve(), headers)).status;
    expect(await from({ origin: 'https://elsewhere.example' })).toBe(403);
    expect(await from({ origin: 'null' })).toBe(403);
    expect(await from({ 'sec-fetch-site': 'cross-site' })).toBe(403);
    expect(await from({ origin: app.address })).toBe(201);
  });

  it('sign out here, or everywhere at once', async () => {
    const [here, there] = [app.somebody(), app.somebody()];
    await here.signUp('Teo');
    await signIn(there, 'Teo');
    await there.ask('DELETE', '/api/session');
    expect(name(await there.ask('GET', '/api/session'))).toBeUndefined();
    expect(name(await here.ask('GET', '/api/session'))).toBe('Teo');
    await signIn(there, 'Teo');
    await here.ask('POST', '/api/account/sign-out-everywhere');
    expect((await there.ask('GET', '/api/log')).status).toBe(401);
    expect((await here.ask('GET', '/api/log')).status).toBe(401);
  });

  it('change the phrase against the old one, and put everyone else out', async () => {
    const [here, there] = [app.somebody(), app.somebody()];
    await here.signUp('Teo');
    await signIn(there, 'Teo');
    const change = (now: string) =>
      here.ask('PATCH', '/api/account', { phrase: { now, next: 'another long phrase' } });
    expect((await change('wrong')).status).toBe(403);
    expect((await change(PHRASE)).status).toBe(200);
    expect(name(await here.ask('GET', '/api/session'))).toBe('Teo');
    expect(name(await there.ask('GET', '/api/session'))).toBeUndefined();
    expect((await signIn(there, 'Teo')).status).toBe(401);
    expect((await signIn(there, 'Teo', 'another long phrase')).status).toBe(200);
    expect(name(await there.ask('PATCH', '/api/account', { name: 'Teo Berg' }))).toBe('Teo Berg');
    expect(name(await here.ask('GET', '/api/session'))).toBe('Teo Berg');
  });

  it('take over what a guest has kept, on signing up and on signing in', async () => {
    const total = async (visitor: Visitor): Promise<number> =>
      solvePageSchema.parse((await visitor.ask('GET', '/api/solves')).body).total;
    const guest = app.somebody();
    await guest.ask('POST', '/api/solves', aSolve(1));
    expect(await total(app.somebody())).toBe(0);
    await guest.signUp('Teo');
    expect(await total(guest)).toBe(1);
    const other = app.somebody();
    savedSolveSchema.parse((await other.ask('POST', '/api/solves', aSolve(2))).body);
    await signIn(other, 'Teo');
    expect(await total(other)).toBe(2);
    const [rows] = await app.database.sequelize.query(`SELECT FROM accounts WHERE role = 'guest'`);
    expect(rows.length).toBe(0);
  });

  it('know a guest again whose first request is sent more than once', async () => {
    const guest = app.somebody();
    await guest.ask('GET', '/api/session');
    const solve = aSolve();
    const answers = await Promise.all([1, 2, 3].map(() => guest.ask('POST', '/api/solves', solve)));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 201]);
  });

  it('are deleted with all that was kept, against the phrase', async () => {
    const visitor = app.somebody();
    const { id } = await visitor.signUp('Teo');
    await visitor.ask('POST', '/api/solves', aSolve());
    expect((await visitor.ask('DELETE', '/api/account', { phrase: 'wrong' })).status).toBe(403);
    expect((await visitor.ask('DELETE', '/api/account', { phrase: PHRASE })).status).toBe(200);
    const [rows] = await app.database.sequelize.query(
      `SELECT FROM accounts WHERE id = '${id}' UNION ALL SELECT FROM saved_solves`,
    );
    expect(rows.length).toBe(0);
    expect((await signIn(visitor, 'Teo')).status).toBe(401);
  });

  it('show demo accounts only where there are any', async () => {
    const demo = [
      { name: 'Runa', phrase: PHRASE, role: 'coach' as const, about: 'keeps the table' },
    ];
    const told = await app.ask('GET', '/api/session');
    expect(sessionSchema.parse(told.body).demo).toEqual([]);
    const other = await TestApp.start({ demo });
    expect(sessionSchema.parse((await other.ask('GET', '/api/session')).body).demo).toEqual(demo);
    await other.stop();
  });
});
