import { randomUUID } from 'node:crypto';
import { groupSchema } from '@sleetcrest/contract/accounts';
import { PHRASE, TestApp, type Visitor } from '../app.spec-support.js';
import { PATIENCE, placeOf } from './tries.js';

/** Somebody at an address, as the proxy in front says. */
const at = (address: string) => ({ 'x-forwarded-for': address });
const HOME = '203.0.113.7';
const ELSEWHERE = '198.51.100.9';
/** A school with few tries: each takes as long as a phrase takes to be mixed up. */
const SCHOOL = { points: 30, within: 900, pause: 60 };

describe('whoever tries phrases and codes', () => {
  let app: TestApp;
  beforeEach(async () => {
    const patience = { ...PATIENCE, address: SCHOOL };
    app = await TestApp.start({ proxies: ['loopback'], patience });
  });
  afterEach(() => app.stop());

  const signUp = (name: string, address = HOME): Promise<unknown> =>
    app
      .somebody()
      .ask('POST', '/api/accounts', { name, phrase: PHRASE, role: 'learner' }, at(address));
  const signIn = async (name: string, phrase: string, address: string): Promise<number> =>
    (await app.somebody().ask('POST', '/api/session', { name, phrase }, at(address))).status;
  const count = (statuses: readonly number[], status: number): number =>
    statuses.filter((one) => one === status).length;

  it('is counted before the try: of many at one moment no more get through than may', async () => {
    await signUp('Teo');
    const tried = await Promise.all(
      Array.from({ length: 60 }, () => signIn('Teo', 'a guess', ELSEWHERE)),
    );
    expect(count(tried, 401)).toBe(PATIENCE.pair.points);
    expect(count(tried, 429)).toBe(60 - PATIENCE.pair.points);
  });

  it('is told how long to wait, and waits with the right phrase too', async () => {
    await signUp('Teo');
    for (let k = 0; k <= PATIENCE.pair.points; k++) await signIn('Teo', 'a guess', ELSEWHERE);
    const given = { name: 'Teo', phrase: PHRASE };
    const answer = await app.ask('POST', '/api/session', given, at(ELSEWHERE));
    expect(answer.status).toBe(429);
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0);
  });

  it('keeps nobody out where they signed in before, not even from a whole school', async () => {
    await signUp('Teo');
    await signUp('Amalie', ELSEWHERE);
    for (let k = 0; k < 3 * PATIENCE.pair.points; k++) await signIn('Teo', 'a guess', ELSEWHERE);
    for (let k = 0; k <= SCHOOL.points; k++) await signIn(`Nobody ${k}`, 'x', HOME);
    expect(await signIn('Teo', PHRASE, HOME)).toBe(200);
    // Somebody who never signed in there waits until the guessing is over.
    expect(await signIn('Amalie', PHRASE, HOME)).toBe(429);
    expect(await signIn('Amalie', PHRASE, ELSEWHERE)).toBe(200);
  });

  it('has as many tries again once the right phrase was given', async () => {
    await signUp('Teo');
    for (let round = 0; round < 3; round++) {
      for (let k = 1; k < PATIENCE.pair.points; k++)
        expect(await signIn('Teo', 'a guess', HOME)).toBe(401);
      expect(await signIn('Teo', PHRASE, HOME)).toBe(200);
    }
  });

  it('is limited wherever a phrase or a code is tried', async () => {
    const learner = app.somebody();
    await learner.signUp('Teo');
    const wrong = 'not the phrase';
    const places: [string, string, unknown, number, number][] = [
      [
        ...(['PATCH', '/api/account', { phrase: { now: wrong, next: PHRASE } }] as const),
        ...([403, PATIENCE.pair.points] as const),
      ],
      ['DELETE', '/api/account', { phrase: wrong }, 403, 0],
      ['POST', '/api/groups/join', { code: 'AAAAAAAA' }, 404, PATIENCE.code.points],
    ];
    for (const [method, path, body, refused, points] of places) {
      for (let k = 0; k < points; k++)
        expect((await learner.ask(method, path, body)).status)
          .withContext(path)
          .toBe(refused);
      expect((await learner.ask(method, path, body)).status)
        .withContext(path)
        .toBe(429);
    }
  });

  it('can join by the right code after wrong ones, as often as there are groups', async () => {
    const [coach, learner] = [app.somebody(), app.somebody()];
    await coach.signUp('Runa', 'coach');
    await learner.signUp('Teo');
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    const { code } = groupSchema.parse(made.body);
    for (let k = 0; k < 2 * PATIENCE.code.points; k++)
      expect((await learner.ask('POST', '/api/groups/join', { code })).status).toBe(200);
  });

  it('leaves neither a name nor an address in the table of tries', async () => {
    // A name so long that it is in no hash by chance.
    await signUp('Teodora Lind');
    await signIn('Teodora Lind', 'a guess', ELSEWHERE);
    const [rows] = await app.database.sequelize.query('SELECT * FROM tries');
    const { sequelize } = app.database;
    const [places] = await sequelize.query(
      `SELECT encode(address_hash, 'escape') FROM familiar_addresses`,
    );
    for (const word of ['teodora lind', 'teodora', HOME, ELSEWHERE])
      expect(JSON.stringify([rows, places]).toLowerCase()).not.toContain(word);
    expect(rows.length).toBeGreaterThan(2);
  });
});

describe('who makes accounts and guests', () => {
  it('is slowed down by the address', async () => {
    const few = { points: 2, within: 60, pause: 60 };
    const app = await TestApp.start({ patience: { ...PATIENCE, signUp: few, setting: few } });
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const learner = app.somebody();
    const { id } = await learner.signUp('Teo');
    const third = { name: 'Nils', phrase: PHRASE, role: 'learner' };
    expect((await app.ask('POST', '/api/accounts', third)).status).toBe(429);
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    const { code } = groupSchema.parse(made.body);
    await learner.ask('POST', '/api/groups/join', { code });
    await app.database.sequelize.query(
      'UPDATE accounts SET phrase_given = true, made_in = (SELECT id FROM groups) WHERE id = $1',
      { bind: [id] },
    );
    const set = (visitor: Visitor) =>
      visitor.ask('POST', `/api/learners/${id}/phrase`, { phrase: PHRASE });
    expect([(await set(coach)).status, (await set(coach)).status]).toEqual([204, 204]);
    expect((await set(coach)).status).toBe(429);
    await app.stop();
  });
});

describe('a school behind one address', () => {
  it('gets a class in that signs up at once, with taken names among them', async () => {
    const app = await TestApp.start();
    const signUp = (name: string) =>
      app.somebody().ask('POST', '/api/accounts', { name, phrase: PHRASE, role: 'learner' });
    await Promise.all(Array.from({ length: 10 }, (_, k) => signUp(`Kim ${k}`)));
    const answers = await Promise.all(
      Array.from({ length: 40 }, async (_, k) => {
        // Every one tries names that somebody has, before one that nobody has.
        const tried: number[] = [];
        for (let taken = 0; taken < 5; taken++) tried.push((await signUp(`kim ${taken}`)).status);
        return [...tried, (await signUp(`Learner ${k}`)).status];
      }),
    );
    expect(new Set(answers.map((one) => one.join()))).toEqual(new Set(['409,409,409,409,409,201']));
    // Each signs in from there, most with a slip of the hand first.
    const signedIn = await Promise.all(
      answers.map(async (_, k) => {
        const wrong = { name: `Learner ${k}`, phrase: 'three larches by the sea' };
        await app.somebody().ask('POST', '/api/session', wrong);
        const right = { name: `Learner ${k}`, phrase: PHRASE };
        return (await app.somebody().ask('POST', '/api/session', right)).status;
      }),
    );
    expect(new Set(signedIn)).toEqual(new Set([200]));
    await app.stop();
  });
});

describe('where somebody is', () => {
  it('is believed of a proxy that is named only', async () => {
    const app = await TestApp.start();
    await app.somebody().signUp('Teo');
    const tried: number[] = [];
    for (let k = 0; k < 7; k++) {
      const given = { name: 'Teo', phrase: 'a guess' };
      tried.push((await app.ask('POST', '/api/session', given, at(`203.0.113.${k}`))).status);
    }
    expect(tried.slice(PATIENCE.pair.points)).toEqual([429, 429]);
    await app.stop();
  });

  it('is an IPv4 address, however written, or half an IPv6 one', () => {
    expect(placeOf('::ffff:203.0.113.7')).toBe('203.0.113.7');
    expect(placeOf('2001:db8:1:2:3:4:5:6')).toBe(placeOf('2001:db8:1:2::9'));
    expect(placeOf('2001:db8:1:3::9')).not.toBe(placeOf('2001:db8:1:2::9'));
    expect([placeOf(undefined), placeOf('a.b')]).toEqual(['unknown', 'unknown']);
  });
});
