import { randomUUID } from 'node:crypto';
import { groupSchema, type Account } from '@sleetcrest/contract/accounts';
import type { LogEntry } from '@sleetcrest/core/log';
import { aRecord, aSolve, PHRASE, TestApp, type Visitor } from '../app.spec-support.js';
import { aMethod } from '../methods/methods.spec-support.js';
import { RULES, type Route, type Rule } from './rules.js';

/** One learner with a log, cubes and a method, and who else there is. */
interface World {
  owner: Account;
  cube: string;
  record: LogEntry;
  group: string;
  otherGroupCode: string;
}

const PEOPLE = ['guest', 'owner', 'other learner', 'own coach', 'other coach'] as const;
type Person = (typeof PEOPLE)[number];

/** A request about the owner's things for every route there is: a new route needs one to compile. */
const REQUESTS: Record<Route, (world: World) => { path: string; body?: unknown }> = {
  'GET /api/health': () => ({ path: '/api/health' }),
  'GET /api/ready': () => ({ path: '/api/ready' }),
  'GET /api/openapi.json': () => ({ path: '/api/openapi.json' }),
  'POST /api/handouts': () => ({ path: '/api/handouts', body: HANDOUT }),
  'GET /api/session': () => ({ path: '/api/session' }),
  'POST /api/session': () => ({ path: '/api/session', body: { name: 'Ingrid', phrase: PHRASE } }),
  'DELETE /api/session': () => ({ path: '/api/session' }),
  'POST /api/accounts': () => ({
    path: '/api/accounts',
    body: { name: `Visitor ${randomUUID().slice(0, 8)}`, phrase: PHRASE, role: 'learner' },
  }),
  'PATCH /api/account': () => ({
    path: '/api/account',
    body: { phrase: { now: PHRASE, next: PHRASE } },
  }),
  'DELETE /api/account': () => ({ path: '/api/account', body: { phrase: PHRASE } }),
  'POST /api/account/sign-out-everywhere': () => ({ path: '/api/account/sign-out-everywhere' }),
  'GET /api/account/export': () => ({ path: '/api/account/export' }),

  'GET /api/solves': () => ({ path: '/api/solves' }),
  'POST /api/solves': ({ cube }) => ({ path: '/api/solves', body: aSolve(1, { id: cube }) }),
  'GET /api/solves/:id': ({ cube }) => ({ path: `/api/solves/${cube}` }),
  'PATCH /api/solves/:id': ({ cube }) => ({ path: `/api/solves/${cube}`, body: { name: 'Mine' } }),
  'DELETE /api/solves/:id': ({ cube }) => ({ path: `/api/solves/${cube}` }),
  'POST /api/solves/:id/restore': ({ cube }) => ({ path: `/api/solves/${cube}/restore` }),

  'GET /api/methods': () => ({ path: '/api/methods' }),
  'PUT /api/methods/:id': () => ({ path: '/api/methods/quay', body: aMethod('quay') }),
  'DELETE /api/methods/:id': () => ({ path: '/api/methods/landing' }),
  'POST /api/methods/:id/restore': () => ({ path: '/api/methods/landing/restore' }),

  'GET /api/groups': () => ({ path: '/api/groups' }),
  'POST /api/groups': ({ group }) => ({
    path: '/api/groups',
    body: { id: group, name: 'Thursday' },
  }),
  'POST /api/groups/join': ({ otherGroupCode }) => ({
    path: '/api/groups/join',
    body: { code: otherGroupCode },
  }),
  'DELETE /api/groups/:id': ({ group }) => ({ path: `/api/groups/${group}` }),
  'DELETE /api/groups/:id/learners/:learner': ({ group, owner }) => ({
    path: `/api/groups/${group}/learners/${owner.id}`,
  }),
  'POST /api/learners/:learner/phrase': ({ owner }) => ({
    path: `/api/learners/${owner.id}/phrase`,
    body: { phrase: PHRASE },
  }),

  'GET /api/log': () => ({ path: '/api/log' }),
  'POST /api/log': () => ({ path: '/api/log', body: aRecord() }),
  'POST /api/log/batch': () => ({ path: '/api/log/batch', body: { entries: [aRecord()] } }),
  'POST /api/log/remove': ({ record }) => ({ path: '/api/log/remove', body: { ids: [record.id] } }),
  'POST /api/log/restore': ({ record }) => ({
    path: '/api/log/restore',
    body: { ids: [record.id] },
  }),
  'POST /api/log/tags': ({ record }) => ({
    path: '/api/log/tags',
    body: { ids: [record.id], add: ['seen'] },
  }),
  'GET /api/log/overview': () => ({ path: '/api/log/overview?today=2026-11-25' }),
  'GET /api/log/groups': () => ({ path: '/api/log/groups?by=day' }),
  'GET /api/log/export': () => ({ path: '/api/log/export?as=csv' }),
  'GET /api/log/entries/:id': ({ record }) => ({ path: `/api/log/entries/${record.id}` }),
  'PATCH /api/log/entries/:id': ({ record }) => ({
    path: `/api/log/entries/${record.id}`,
    body: { note: 'changed' },
  }),
  'GET /api/learners/:learner/log': ({ owner }) => ({ path: `/api/learners/${owner.id}/log` }),
  'GET /api/learners/:learner/log/overview': ({ owner }) => ({
    path: `/api/learners/${owner.id}/log/overview?today=2026-11-25`,
  }),
  'GET /api/learners/:learner/log/groups': ({ owner }) => ({
    path: `/api/learners/${owner.id}/log/groups?by=day`,
  }),
  'GET /api/learners/:learner/log/entries/:id': ({ owner, record }) => ({
    path: `/api/learners/${owner.id}/log/entries/${record.id}`,
  }),
};

const HANDOUT = {
  ...{ method: 'gentle', stage: 'daisy', paper: 'A4', dialect: 'prime', firstColour: 'white' },
  ink: 'letters',
  swatches: Object.fromEntries(
    ['white', 'red', 'green', 'yellow', 'orange', 'blue'].map((colour) => [colour, '#aabbcc']),
  ),
};

/** What a rule answers somebody, told without regard to any route's own doing. */
function answerTo(rule: Rule, person: Person): 'let in' | 401 | 403 | 404 {
  if (rule === 'anyone' || rule === 'keeper') return 'let in';
  if (person === 'guest') return 401;
  if (rule === 'account') return 'let in';
  if (rule === 'coach') return person.endsWith('coach') ? 'let in' : 403;
  return person === 'own coach' ? 'let in' : 404;
}

/** Routes that tell or change the account that calls, and so cannot be called twice alike. */
const ENDING: readonly Route[] = [
  'POST /api/session',
  'DELETE /api/session',
  'POST /api/accounts',
  'PATCH /api/account',
  'DELETE /api/account',
  'POST /api/account/sign-out-everywhere',
  'POST /api/learners/:learner/phrase',
  'DELETE /api/groups/:id/learners/:learner',
  'DELETE /api/groups/:id',
];

/** Everybody and their things, in an application of their own. */
class Inhabited {
  private constructor(
    readonly app: TestApp,
    readonly people: Record<Person, Visitor>,
    readonly world: World,
  ) {}

  static async start(): Promise<Inhabited> {
    const app = await TestApp.start();
    const people = Object.fromEntries(PEOPLE.map((person) => [person, app.somebody()])) as Record<
      Person,
      Visitor
    >;
    const owner = await people.owner.signUp('Amalie');
    await people['other learner'].signUp('Teo');
    await people['own coach'].signUp('Runa', 'coach');
    await people['other coach'].signUp('Nils', 'coach');
    const groupOf = async (person: Person) => {
      const answer = await people[person].ask('POST', '/api/groups', {
        id: randomUUID(),
        name: 'G',
      });
      return groupSchema.parse(answer.body);
    };
    const [group, otherGroup] = [await groupOf('own coach'), await groupOf('other coach')];
    await people.owner.ask('POST', '/api/groups/join', { code: group.code });
    await people['other learner'].ask('POST', '/api/groups/join', { code: otherGroup.code });
    const [cube, record] = [aSolve(), aRecord({ note: 'seen by nobody else' })];
    await people.owner.ask('POST', '/api/solves', cube);
    await people.owner.ask('PUT', '/api/methods/landing', aMethod());
    await people.owner.ask('POST', '/api/log', record);
    await people.guest.ask('POST', '/api/solves', aSolve(9));
    return new Inhabited(app, people, {
      ...{ owner, cube: cube.id, record, group: group.id, otherGroupCode: otherGroup.code! },
    });
  }

  ask(person: Person, route: Route): ReturnType<Visitor['ask']> {
    const { path, body } = REQUESTS[route](this.world);
    return this.people[person].ask(route.split(' ')[0]!, path, body);
  }
}

describe('who may call each route', () => {
  let here: Inhabited;
  beforeAll(async () => (here = await Inhabited.start()));
  afterAll(() => here.app.stop());

  const owned = async (): Promise<unknown> => {
    const tables = await Promise.all(
      [
        'SELECT * FROM accounts WHERE id = $1',
        'SELECT * FROM saved_solves WHERE owner_id = $1',
        'SELECT * FROM own_methods WHERE owner_id = $1',
        'SELECT * FROM log_entries WHERE account_id = $1',
        'SELECT * FROM group_members WHERE learner_id = $1 ORDER BY group_id',
        'SELECT token_hash FROM sessions WHERE account_id = $1',
      ].map((sql) => here.app.database.sequelize.query(sql, { bind: [here.world.owner.id] })),
    );
    return tables.map(([rows]) => rows);
  };

  for (const [route, rule] of Object.entries(RULES) as [Route, Rule][]) {
    it(`${route}: nobody but whom its rule (${rule}) lets in, and nothing of the owner’s`, async () => {
      const before = await owned();
      for (const person of PEOPLE) {
        if (person === 'owner' && answerTo(rule, person) === 'let in') continue;
        if (ENDING.includes(route) && answerTo(rule, person) === 'let in') continue;
        const { status, body } = await here.ask(person, route);
        const expected = answerTo(rule, person);
        const context = `${person}: ${status}`;
        if (expected !== 'let in') expect(status).withContext(context).toBe(expected);
        else if (rule !== 'coach-of-learner') {
          // Let in to their own things: the owner's are not among them.
          expect(JSON.stringify(body)).withContext(context).not.toContain('seen by nobody else');
          // A coach is told who is in their group.
          if (!route.endsWith('/api/groups') || person !== 'own coach') {
            expect(JSON.stringify(body)).withContext(context).not.toContain(here.world.owner.id);
          }
          if (route.includes(':id') && !route.startsWith('PUT'))
            expect(status).withContext(context).toBe(404);
        } else expect(status).withContext(context).toBe(200);
      }
      expect(await owned()).toEqual(before);
    });
  }
});

describe('what changes who may', () => {
  let here: Inhabited;
  beforeEach(async () => (here = await Inhabited.start()));
  afterEach(() => here.app.stop());

  // Joining a group lets another coach in.
  it('the owner may do all that is theirs', async () => {
    for (const [route, rule] of Object.entries(RULES) as [Route, Rule][]) {
      if (answerTo(rule, 'owner') !== 'let in' || ENDING.includes(route)) continue;
      // What a route before took away is there again.
      if (route.endsWith('/restore')) await here.ask('owner', route);
      const { status } = await here.ask('owner', route);
      expect(status).withContext(route).toBeLessThan(300);
    }
  });

  it('a coach may set a phrase and take a learner out of their own group only', async () => {
    const { people, world } = here;
    const { group, owner } = world;
    const leave = `/api/groups/${group}/learners/${owner.id}`;
    expect((await people['other coach'].ask('DELETE', leave)).status).toBe(404);
    expect((await people['other learner'].ask('DELETE', leave)).status).toBe(404);
    expect((await people['other coach'].ask('DELETE', `/api/groups/${group}`)).status).toBe(404);
    const phrase = { phrase: 'four larches by the shore' };
    const set = `/api/learners/${owner.id}/phrase`;
    expect((await people['own coach'].ask('POST', set, phrase)).status).toBe(204);
    expect((await people.owner.ask('GET', '/api/log')).status).toBe(401);
    const back = { name: 'Amalie', ...phrase };
    expect((await people.owner.ask('POST', '/api/session', back)).status).toBe(200);
    expect((await people['own coach'].ask('DELETE', leave)).status).toBe(204);
    expect((await people['own coach'].ask('POST', set, phrase)).status).toBe(404);
  });
});
