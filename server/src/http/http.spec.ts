import { request } from 'node:http';
import { randomUUID } from 'node:crypto';
import { problemSchema } from '@sleetcrest/contract';
import { aRecord, aSolve, TestApp, type Answer, type Visitor } from '../app.spec-support.js';
import { aMethod } from '../methods/methods.spec-support.js';

const TLS = { 'x-forwarded-proto': 'https' };

describe('the server, whatever it is sent', () => {
  let app: TestApp;
  let learner: Visitor;
  beforeAll(async () => {
    app = await TestApp.start({ proxies: ['loopback'], names: ['cube.skarvik.example'] });
    learner = app.somebody();
    await learner.signUp('Teo');
  });
  afterAll(() => app.stop());

  /** Asks with headers that `fetch` would not send. */
  const asked = (headers: Record<string, string>, path = '/api/session'): Promise<Answer> =>
    new Promise((resolve, reject) => {
      request(app.address + path, { headers }, (response) => {
        const answered = new Headers(
          Object.entries(response.headersDistinct).flatMap(([name, values]) =>
            (values ?? []).map((value): [string, string] => [name, value]),
          ),
        );
        response.resume();
        resolve({ status: response.statusCode!, headers: answered, body: null as never });
      })
        .on('error', reject)
        .end();
    });

  it('answers to its own names and to addresses, and to no name led here from elsewhere', async () => {
    const statusFor = async (host: string) => (await asked({ host })).status;
    for (const own of [
      'localhost:4180',
      '127.0.0.1',
      '[::1]:80',
      'CUBE.skarvik.example',
      '10.0.0.7',
    ])
      expect(await statusFor(own))
        .withContext(own)
        .toBe(200);
    for (const foreign of [
      'rebound.example',
      'localhost.rebound.example:4180',
      '127.0.0.1.nip.example',
      'a b',
    ])
      expect(await statusFor(foreign))
        .withContext(foreign)
        .toBe(421);
  });

  it('binds the session to this very host behind TLS, and asks to stay there', async () => {
    const plain = await asked({});
    expect(plain.headers.get('set-cookie')).toMatch(/^sleetcrest_session=.*HttpOnly; SameSite=Lax/);
    expect(plain.headers.get('set-cookie')).not.toContain('Secure');
    expect(plain.headers.get('strict-transport-security')).toBeNull();
    const secure = await asked(TLS);
    expect(secure.headers.get('set-cookie')).toMatch(/^__Host-sleetcrest_session=.*; Secure/);
    expect(secure.headers.get('strict-transport-security')).toContain('max-age=');
    // A cookie planted by plain HTTP is nobody's behind TLS.
    const cookie = plain.headers.get('set-cookie')!.split(';')[0]!;
    expect((await asked({ ...TLS, cookie })).headers.get('set-cookie')).toContain('__Host-');
  });

  it('lets pages use the camera and keep the screen on, and nothing else of a device', async () => {
    const policy = (await asked({}, '/')).headers.get('permissions-policy')!;
    expect(policy).toContain('camera=(self)');
    expect(policy).toContain('microphone=()');
    expect(policy).toContain('geolocation=()');
  });

  it('keeps an answer of the API to itself, and has no page headers on it', async () => {
    const { headers } = await asked({}, '/api/health');
    expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('permissions-policy')).toBeNull();
    expect((await asked({}, '/')).headers.get('cross-origin-opener-policy')).toBe('same-origin');
  });

  it('makes a guest of a token it gave only, so that nobody can choose it for another', async () => {
    const chosen = `sleetcrest_session=${'a'.repeat(43)}`;
    const answer = await app.somebody().ask('POST', '/api/solves', aSolve(), { cookie: chosen });
    expect(answer.status).toBe(201);
    const given = answer.headers.get('set-cookie')!;
    expect(given).not.toContain('a'.repeat(43));
    const mine = async (cookie: string) =>
      (
        (await app.somebody().ask('GET', '/api/solves', undefined, { cookie })).body as {
          total: number;
        }
      ).total;
    expect(await mine(chosen)).toBe(0);
    expect(await mine(given.split(';')[0]!)).toBe(1);
  });

  it('refuses what cannot be kept with the reason, wherever it stands', async () => {
    for (const bad of ['\0', 'half an emoji \ud83d']) {
      const wrong: [string, string, unknown][] = [
        ['POST', '/api/log', aRecord({ note: bad })],
        ['POST', '/api/log', aRecord({ cube: `a${bad}` })],
        ['POST', '/api/log', aRecord({ tags: [bad] })],
        ['POST', '/api/solves', aSolve(1, { name: `a${bad}` })],
        ['PUT', '/api/methods/landing', aMethod('landing', { title: `a${bad}` })],
        ['POST', '/api/groups', { id: randomUUID(), name: `a${bad}` }],
        ['POST', '/api/accounts', { name: `a${bad}`, phrase: 'three larches', role: 'learner' }],
        ['POST', '/api/accounts', { name: 'Ola', phrase: `three larches${bad}`, role: 'learner' }],
        ['POST', '/api/session', { name: 'Teo', phrase: `three larches${bad}` }],
      ];
      for (const [method, path, body] of wrong) {
        const { status, body: problem } = await learner.ask(method, path, body);
        if (path !== '/api/groups')
          expect(status)
            .withContext(`${path} ${JSON.stringify(bad)}`)
            .toBe(422);
        expect(problemSchema.safeParse(problem).success).toBeTrue();
      }
    }
    for (const query of [
      'text=%00',
      'text=%ed%a0%80',
      'tag=a%00',
      'from=0000-01-01',
      'text=a&text=b',
    ]) {
      const { status } = await learner.ask('GET', `/api/log?${query}`);
      // An address cannot hold half a character: it comes as one that stands for it.
      expect(status)
        .withContext(query)
        .toBe(query.includes('ed%a0') ? 200 : 400);
    }
    for (const path of ['/%00', '/a%00.js', '/api/solves/%00', '/api/%ff', '/api/log/entries/%'])
      expect([400, 404])
        .withContext(path)
        .toContain((await learner.ask('GET', path)).status);
  });

  it('keeps a record once, however its id and moment are written when it is sent again', async () => {
    const record = aRecord({ beganAt: '2026-11-20T18:03:00Z', time: -0, note: 'e\u0301' });
    expect((await learner.ask('POST', '/api/log', record)).status).toBe(201);
    const again = {
      ...record,
      id: record.id.toUpperCase(),
      note: 'é',
      beganAt: '2026-11-20T18:03:00.000+00:00',
    };
    expect((await learner.ask('POST', '/api/log', again)).status).toBe(200);
  });

  it('refuses bodies that are deeper, wider or larger than any of its own', async () => {
    let deep: unknown = 0;
    for (let k = 0; k < 500; k++) deep = [deep];
    const wide = Object.fromEntries(Array.from({ length: 2000 }, (_, k) => [`k${k}`, k]));
    for (const body of [{ entries: deep }, { entries: [wide] }, { ids: Array(20_000).fill(1) }]) {
      expect((await learner.ask('POST', '/api/log/batch', body)).status).toBe(422);
    }
    const manyWrong = await learner.ask('POST', '/api/log/remove', { ids: Array(9000).fill('x') });
    const problem = problemSchema.parse(manyWrong.body);
    expect(problem.errors!.length).toBe(50);
    expect(problem.detail).toContain('and 8997 more');
    const large = { name: 'x'.repeat(70_000) };
    const refused = await learner.ask('POST', '/api/groups/join', large);
    expect(refused.status).toBe(413);
    expect(problemSchema.parse(refused.body).detail).toContain('64 kB');
  });

  it('tells somebody whose account was deleted meanwhile that it is gone', async () => {
    const gone = app.somebody();
    const { id } = await gone.signUp('Ylva');
    // The session is still there, as for a request that is on its way.
    await app.database.sequelize.query('ALTER TABLE sessions DISABLE TRIGGER ALL');
    await app.database.sequelize.query(
      `ALTER TABLE log_entries DISABLE TRIGGER USER; SET session_replication_role = replica;
       DELETE FROM accounts WHERE id = '${id}'; SET session_replication_role = origin`,
    );
    expect((await gone.ask('POST', '/api/log', aRecord())).status).toBe(401);
    expect((await gone.ask('POST', '/api/solves', aSolve())).status).toBeLessThan(500);
  });
});
