import { aReview } from '@sleetcrest/contract/testing';
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

/** What a request that changes something is sent with, about the owner's things. */
const BODIES: Partial<Record<Route, (world: World) => unknown>> = {
  'POST /api/handouts': () => HANDOUT,
  'POST /api/session': () => ({ name: 'Ingrid', phrase: PHRASE }),
  'POST /api/accounts': () => ({
    ...{ name: `Visitor ${randomUUID().slice(0, 8)}`, phrase: PHRASE, role: 'learner' },
  }),
  'PATCH /api/account': () => ({ phrase: { now: PHRASE, next: PHRASE } }),
  'DELETE /api/account': () => ({ phrase: PHRASE }),
  'PATCH /api/settings': () => ({
    settings: { letters: true },
    told: { id: randomUUID(), at: '2026-11-25T10:00:00.000Z' },
  }),
  'POST /api/solves': ({ cube }) => aSolve(1, { id: cube }),
  'PATCH /api/solves/:id': () => ({ name: 'Mine' }),
  'PUT /api/methods/:id': () => aMethod('quay'),
  'POST /api/groups': ({ group }) => ({ id: group, name: 'Thursday' }),
  'POST /api/groups/join': ({ otherGroupCode }) => ({ code: otherGroupCode }),
  'POST /api/learners/:learner/phrase': () => ({ phrase: PHRASE }),
  'POST /api/log': () => aRecord(),
  'POST /api/log/batch': () => ({ entries: [aRecord()] }),
  'POST /api/log/remove': ({ record }) => ({ ids: [record.id] }),
  'POST /api/log/restore': ({ record }) => ({ ids: [record.id] }),
  'POST /api/log/tags': ({ record }) => ({ ids: [record.id], add: ['seen'] }),
  'PATCH /api/log/entries/:id': () => ({ note: 'changed' }),
  'POST /api/practice/reviews': () => ({ reviews: [aReview()] }),
};

/** What must be asked for in an address. */
const QUERIES: readonly [end: string, query: string][] = [
  ['/overview', '?today=2026-11-25'],
  ['/log/groups', '?by=day'],
  ['/log/export', '?as=csv'],
];

/** A request about the owner's things: an id in an address is that of what the route is about. */
function requestTo(route: Route, world: World): { path: string; body: unknown } {
  const [verb, path] = route.split(' ') as [string, string];
  const ids = { solves: world.cube, groups: world.group, log: world.record.id };
  const about = Object.entries({ ...ids, methods: verb === 'PUT' ? 'quay' : 'landing' });
  const id = about.find(([things]) => path.includes(`/${things}/`))?.[1] ?? '';
  const query = QUERIES.find(([end]) => path.endsWith(end))?.[1] ?? '';
  const address = path.replace(':learner', world.owner.id).replace(':id', id);
  return { path: address + query, body: BODIES[route]?.(world) };
}

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
    const reviews = [aReview({ item: 'seen/by-nobody-else' })];
    await people.owner.ask('POST', '/api/practice/reviews', { reviews });
    await people.guest.ask('POST', '/api/solves', aSolve(9));
    return new Inhabited(app, people, {
      ...{ owner, cube: cube.id, record, group: group.id, otherGroupCode: otherGroup.code! },
    });
  }

  ask(person: Person, route: Route): ReturnType<Visitor['ask']> {
    const { path, body } = requestTo(route, this.world);
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
        'SELECT * FROM log_told WHERE account_id = $1',
        'SELECT * FROM practice_reviews WHERE account_id = $1',
        'SELECT * FROM settings WHERE account_id = $1',
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
