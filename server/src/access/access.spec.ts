import { aReview } from '@sleetcrest/contract/testing';
import { randomUUID } from 'node:crypto';
import { groupSchema, invitationSchema, type Account } from '@sleetcrest/contract/accounts';
import { liveSessionSchema, slipsSchema } from '@sleetcrest/contract/table';
import type { LogEntry } from '@sleetcrest/core/log';
import { aRecord, aSolve, PHRASE, TestApp, type Visitor } from '../app.spec-support.js';
import { aMethod } from '../methods/methods.spec-support.js';
import { RULES, type Route, type Rule } from './rules.js';

/** One learner with a log, cubes and a method, in a group that meets, and who else there is. */
interface World {
  owner: Account;
  cube: string;
  record: LogEntry;
  group: string;
  otherGroup: string;
  otherGroupCode: string;
  live: string;
  plan: string;
  assignment: string;
  work: string;
  print: string;
}

/**
 * `helper` may do all in the owner's group, `watcher` see alone; the former member has left it, and the
 * beginner, brought in by its coach, has yet to choose a phrase.
 */
const PEOPLE = [
  ...(['guest', 'owner', 'other learner', 'former member', 'beginner'] as const),
  ...(['own coach', 'helper', 'watcher', 'other coach'] as const),
] as const;
type Person = (typeof PEOPLE)[number];
const COACHES: readonly Person[] = ['own coach', 'helper', 'watcher', 'other coach'];
const TEACHERS: readonly Person[] = ['own coach', 'helper', 'watcher'];

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
  'PATCH /api/groups/:id': () => ({ zone: 'Europe/Oslo' }),
  'POST /api/groups/:id/assistants': () => ({ rights: ['see'] }),
  'POST /api/groups/:id/roster/check': () => ({ names: ['Amalie'] }),
  'POST /api/groups/:id/roster': () => ({
    learners: [{ id: randomUUID(), name: `New ${randomUUID().slice(0, 8)}` }],
  }),
  'POST /api/groups/:id/learners/:learner/move': ({ otherGroup }) => ({ to: otherGroup }),
  'PUT /api/groups/:id/plans/:plan': ({ plan }) => ({ plan: aPlan(plan), basis: null }),
  'POST /api/groups/:id/assignments': ({ assignment }) => anAssignment(assignment),
  'POST /api/groups/:id/prints': ({ print }) => aPrint(print),
  'PUT /api/assignments/:assignment/said': () => ({ done: true }),
  'POST /api/work': ({ group, record }) => ({
    ...{ id: randomUUID(), group, words: 'seen by nobody else' },
    handed: { what: 'record', entry: record.id },
  }),
  'POST /api/work/:work/notes': () => aNote(),
  'PUT /api/work/:work/marked': () => ({ marked: true }),
  'POST /api/live/join': () => ({ code: 'AAAAAA', nickname: 'Nobody' }),
  'POST /api/groups/:id/live': ({ live }) => ({ id: live }),
  'PATCH /api/live/:live': () => ({ showsTimes: false }),
  'PUT /api/live/:live/here': () => aHere(),
};

/** What must be asked for in an address. */
const QUERIES: readonly [end: string, query: string][] = [
  ['/overview', '?today=2026-11-25'],
  ['/log/groups', '?by=day'],
  ['/log/export', '?as=csv'],
  ['/matrix', '?day=2026-11-25'],
];

/** A request about the owner's things: an id in an address is that of what the route is about. */
function requestTo(route: Route, world: World): { path: string; body: unknown } {
  const [verb, path] = route.split(' ') as [string, string];
  const ids = { solves: world.cube, groups: world.group, log: world.record.id };
  const about = Object.entries({ ...ids, methods: verb === 'PUT' ? 'quay' : 'landing' });
  const id = about.find(([things]) => path.includes(`/${things}/`))?.[1] ?? '';
  const query = QUERIES.find(([end]) => path.endsWith(end))?.[1] ?? '';
  const address = path
    .replace(':learner', world.owner.id)
    .replace(':coach', world.owner.id)
    .replace(':id', id)
    .replace(/:(live|plan|assignment|work|print)/g, (_, name: 'live') => world[name])
    .replace(':secret', `${'x'.repeat(43)}.ics`);
  return { path: address + query, body: BODIES[route]?.(world) };
}

const aPlan = (id: string) => ({
  ...{ id, on: '2026-12-03', at: '17:30', minutes: 60, repeats: 'weekly', until: null, cubes: 4 },
  ...{ comes: [], warmUp: [], tables: [], note: '', seed: 1 },
});
const anAssignment = (id: string) => ({
  ...{ id, task: { do: 'stage', stage: 'daisy', times: 3 }, note: '', until: null, for: null },
});
const aPrint = (id: string) => ({
  ...{ id, kind: 'letters', day: '2026-11-25', paper: 'A4', for: null },
});
const aNote = () => ({
  ...{ id: randomUUID(), place: { turn: null, stage: null }, words: 'Well done' },
});
const aHere = () => ({
  ...{ doing: 'walk', title: 'Daisy', at: 1, of: 9, forSeconds: 3, usualSeconds: 180 },
  ...{ hand: false, cube: null },
});

const HANDOUT = {
  ...{ method: 'gentle', stage: 'daisy', paper: 'A4', dialect: 'prime', firstColour: 'white' },
  ink: 'letters',
  swatches: Object.fromEntries(
    ['white', 'red', 'green', 'yellow', 'orange', 'blue'].map((colour) => [colour, '#aabbcc']),
  ),
};

/** What a rule answers somebody, told without regard to any route's own doing. */
function answerTo(rule: Rule, person: Person): 'let in' | 401 | 403 | 404 {
  if (rule === 'anyone' || rule === 'visitor') return 'let in';
  if (person === 'beginner') return rule === 'beginner' ? 'let in' : 403;
  if (rule === 'keeper') return 'let in';
  if (rule === 'live-sit') return person === 'owner' ? 'let in' : 404;
  if (person === 'guest') return 401;
  if (rule === 'account' || rule === 'beginner') return 'let in';
  if (rule === 'coach') return COACHES.includes(person) ? 'let in' : 403;
  if (rule === 'group-own') return person === 'own coach' ? 'let in' : 404;
  if (rule === 'group-in') return person === 'owner' ? 'let in' : 404;
  if (!TEACHERS.includes(person)) return 404;
  if (person !== 'watcher' || rule.endsWith('-see')) return 'let in';
  // Of one learner it is not told that there is somebody one may do less with.
  return rule.startsWith('learner') ? 404 : 403;
}

/** Where what is a learner's own may be answered by those who teach them. */
const answersWork = (route: Route, person: Person): boolean =>
  route.includes('/work/:work') && (person === 'own coach' || person === 'helper');

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
  'DELETE /api/groups/:id/assistants/:coach',
  'POST /api/groups/:id/learners/:learner/move',
  'DELETE /api/groups/:id/plans/:plan',
  'DELETE /api/groups/:id/assignments/:assignment',
  'DELETE /api/groups/:id/prints/:print',
  'DELETE /api/live/:live',
  'DELETE /api/live/:live/here',
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
    const former = await people['former member'].signUp('Odd');
    await people.helper.signUp('Helga', 'coach');
    await people.watcher.signUp('Vilde', 'coach');
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
    await people['former member'].ask('POST', '/api/groups/join', { code: group.code });
    const at = `/api/groups/${group.id}`;
    await people['former member'].ask('DELETE', `${at}/learners/${former.id}`);
    for (const [person, rights] of [
      ['helper', ['plan', 'answer', 'roster']],
      ['watcher', []],
    ] as const) {
      const asked = await people['own coach'].ask('POST', `${at}/assistants`, { rights });
      const { code } = invitationSchema.parse(asked.body);
      await people[person].ask('POST', '/api/groups/join', { code });
    }
    const [cube, record] = [aSolve(), aRecord({ note: 'seen by nobody else' })];
    await people.owner.ask('POST', '/api/solves', cube);
    await people.owner.ask('PUT', '/api/methods/landing', aMethod());
    await people.owner.ask('POST', '/api/log', record);
    const reviews = [aReview({ item: 'seen/by-nobody-else' })];
    await people.owner.ask('POST', '/api/practice/reviews', { reviews });
    await people.guest.ask('POST', '/api/solves', aSolve(9));
    const [plan, assignment, work] = [randomUUID(), randomUUID(), randomUUID()];
    const print = randomUUID();
    await people['own coach'].ask('POST', `${at}/prints`, aPrint(print));
    const coach = people['own coach'];
    await coach.ask('PUT', `${at}/plans/${plan}`, { plan: aPlan(plan), basis: null });
    await coach.ask('POST', `${at}/assignments`, anAssignment(assignment));
    const begun = await coach.ask('POST', `${at}/live`, { id: randomUUID() });
    const live = liveSessionSchema.parse(begun.body).id;
    await people.owner.ask('POST', `${at}/live/join`, {});
    const learners = [{ id: randomUUID(), name: 'Bo' }];
    const made = await coach.ask('POST', `${at}/roster`, { learners });
    const { name, phrase } = slipsSchema.parse(made.body).slips[0]!;
    await people.beginner.ask('POST', '/api/session', { name, phrase });
    await people.owner.ask('POST', '/api/work', {
      ...{ id: work, group: group.id, words: 'seen by nobody else' },
      handed: { what: 'record', entry: record.id },
    });
    return new Inhabited(app, people, {
      ...{ owner, cube: cube.id, record, group: group.id, otherGroupCode: otherGroup.code! },
      ...{ otherGroup: otherGroup.id, live, plan, assignment, work, print },
    });
  }

  ask(person: Person, route: Route): ReturnType<Visitor['ask']> {
    const { path, body } = requestTo(route, this.world);
    if (/\/(board|seat)$/.test(path)) return this.people[person].lookAt(path);
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
        'SELECT id, handed, words FROM work WHERE learner_id = $1 ORDER BY id',
        'SELECT * FROM work_notes WHERE author_id = $1',
        'SELECT * FROM assignment_said WHERE learner_id = $1',
        'SELECT session_id, here FROM live_presence WHERE account_id = $1',
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
        if (expected !== 'let in') {
          expect(status).withContext(context).toBe(expected);
          continue;
        }
        if (
          TEACHERS.includes(person) &&
          (/^(group|live|learner)-/.test(rule) || answersWork(route, person))
        ) {
          // What is asked for too early is there, but not made yet.
          const early = route.endsWith('/prints/:print') && status === 409;
          expect(early || status < 300)
            .withContext(context)
            .toBeTrue();
          continue;
        }
        // Let in to their own things: the owner's are not among them.
        expect(JSON.stringify(body)).withContext(context).not.toContain('seen by nobody else');
        // Whoever teaches a group is told who is in it.
        if (!route.endsWith('/api/groups') || !TEACHERS.includes(person)) {
          expect(JSON.stringify(body)).withContext(context).not.toContain(here.world.owner.id);
        }
        if (/:(id|assignment|work)/.test(route) && !route.startsWith('PUT /api/methods')) {
          expect(status).withContext(context).toBe(404);
        }
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
    // One needs an address or a code that is told to others, one is for whoever teaches.
    const others: Route[] = ['GET /api/groups/:id/calendar/:secret', 'POST /api/live/join'];
    const notOwners: readonly Route[] = [...others, 'PUT /api/work/:work/marked'];
    for (const [route, rule] of Object.entries(RULES) as [Route, Rule][]) {
      if (answerTo(rule, 'owner') !== 'let in' || ENDING.includes(route)) continue;
      if (notOwners.includes(route)) continue;
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
