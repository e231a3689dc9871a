import { aReview } from '@sleetcrest/contract/testing';
import { randomUUID } from 'node:crypto';
import {
  groupListSchema,
  groupSchema,
  invitationSchema,
  type Account,
} from '@sleetcrest/contract/accounts';
import { liveSessionSchema, slipsSchema, type BoardEvent } from '@sleetcrest/contract/table';
import type { LogEntry } from '@sleetcrest/core/learner/log';
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
  session: string;
  code: string;
  to: string;
}

/**
 * `helper` may do all in the owner's group, `watcher` see alone, and the former helper could; the former member
 * has left it, who was taken out was so by its coach; the beginner, brought in by its coach, has yet to choose a
 * phrase; and a guest sits at the other coach's table.
 */
const PEOPLE = [
  'guest',
  'guest elsewhere',
  'owner',
  'other learner',
  'former member',
  'taken out',
  'beginner',
  'own coach',
  'helper',
  'watcher',
  'former helper',
  'other coach',
] as const;
const GUESTS: readonly Person[] = ['guest', 'guest elsewhere'];
type Person = (typeof PEOPLE)[number];
const COACHES: readonly Person[] = [
  'own coach',
  'helper',
  'watcher',
  'former helper',
  'other coach',
];
const TEACHERS: readonly Person[] = ['own coach', 'helper', 'watcher'];

/** What a request that changes something is sent with, about the owner's things. */
const BODIES: Partial<Record<Route, (world: World) => unknown>> = {
  'POST /api/handouts': () => HANDOUT,
  'POST /api/session': () => ({ name: 'Ingrid', phrase: PHRASE }),
  'POST /api/accounts': () => ({
    name: `Visitor ${randomUUID().slice(0, 8)}`,
    phrase: PHRASE,
    role: 'learner',
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
    id: randomUUID(),
    group,
    words: 'seen by nobody else',
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
    .replace(
      /:(live|plan|assignment|work|print|session|code|to)/g,
      (_, name: 'live') => world[name],
    )
    .replace(':secret', `${'x'.repeat(43)}.ics`);
  return { path: address + query, body: BODIES[route]?.(world) };
}

const listOf = (body: { items: unknown[] }): unknown[] => body.items;

const aPlan = (id: string) => ({
  id,
  on: '2026-12-03',
  at: '17:30',
  minutes: 60,
  repeats: 'weekly',
  until: null,
  cubes: 4,
  comes: [],
  warmUp: [],
  tables: [],
  note: '',
  seed: 1,
});
const anAssignment = (id: string) => ({
  id,
  task: { do: 'stage', stage: 'daisy', times: 3 },
  note: '',
  until: null,
  for: null,
});
const aPrint = (id: string) => ({
  id,
  kind: 'letters',
  day: '2026-11-25',
  paper: 'A4',
  for: null,
});
const aNote = () => ({
  id: randomUUID(),
  place: { turn: null, stage: null },
  words: 'Well done',
});
const aHere = () => ({
  doing: 'walk',
  title: 'Daisy',
  at: 1,
  of: 9,
  forSeconds: 3,
  usualSeconds: 180,
  hand: false,
  cube: null,
});

const HANDOUT = {
  method: 'gentle',
  stage: 'daisy',
  paper: 'A4',
  dialect: 'prime',
  firstColour: 'white',
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
  if (GUESTS.includes(person)) return 401;
  if (rule === 'account' || rule === 'beginner') return 'let in';
  if (rule === 'coach') return COACHES.includes(person) ? 'let in' : 403;
  if (rule === 'group-own') return person === 'own coach' ? 'let in' : 404;
  if (rule === 'group-in') return person === 'owner' ? 'let in' : 404;
  // The one in the address helps nobody, so that its coach alone may ask.
  if (rule === 'group-help') return person === 'own coach' ? 'let in' : 404;
  if (rule === 'assignment-own') return person === 'owner' ? 'let in' : 404;
  // They signed up themselves: nobody may give them a phrase.
  if (rule === 'learner-phrase') return 404;
  if (rule === 'work-side' || rule === 'work-answer') {
    if (person === 'owner') return rule === 'work-side' ? 'let in' : 403;
    return person === 'own coach' || person === 'helper' ? 'let in' : 404;
  }
  if (rule === 'group-leave' && person === 'owner') return 'let in';
  if (!TEACHERS.includes(person)) return 404;
  if (rule === 'group-leave') return person === 'watcher' ? 403 : 'let in';
  if (person === 'own coach' || rule.endsWith('-see')) return 'let in';
  if (person === 'helper' && !rule.endsWith('-phrase')) return 'let in';
  // Of one learner it is not told that there is somebody one may do less with.
  return rule.startsWith('learner') ? 404 : 403;
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
  'DELETE /api/groups/:id/assistants/:coach',
  'POST /api/groups/:id/learners/:learner/move',
  'DELETE /api/groups/:id/plans/:plan',
  'DELETE /api/groups/:id/assignments/:assignment',
  'DELETE /api/groups/:id/prints/:print',
  'DELETE /api/live/:live',
  'DELETE /api/live/:live/here',
  'DELETE /api/live/:live/seats/:learner',
  'POST /api/groups/:id/code',
  'POST /api/live/:live/code',
  'DELETE /api/groups/:id/invitations/:code',
  'DELETE /api/groups/:id/calendars/:coach',
  'DELETE /api/account/sessions/:session',
  'POST /api/moves/:to',
  'DELETE /api/moves/:to',
  'DELETE /api/coach-invitations/:code',
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
    await people['former helper'].signUp('Trine', 'coach');
    const out = await people['taken out'].signUp('Sverre');
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
    await people['taken out'].ask('POST', '/api/groups/join', { code: group.code });
    await people['own coach'].ask('DELETE', `${at}/learners/${out.id}`);
    for (const [person, rights] of [
      ['helper', ['plan', 'answer', 'roster']],
      ['watcher', []],
      ['former helper', ['plan', 'answer', 'roster', 'phrase']],
    ] as const) {
      const asked = await people['own coach'].ask('POST', `${at}/assistants`, { rights });
      const { code } = invitationSchema.parse(asked.body);
      await people[person].ask('POST', '/api/groups/join', { code });
    }
    const before = groupSchema.parse(
      listOf((await people['own coach'].ask('GET', '/api/groups')).body)[0],
    );
    const helped = before.assistants.find(({ name }) => name === 'Trine')!;
    await people['own coach'].ask('DELETE', `${at}/assistants/${helped.id}`);
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
    const elsewhere = `/api/groups/${otherGroup.id}/live`;
    const held = await people['other coach'].ask('POST', elsewhere, { id: randomUUID() });
    await people['guest elsewhere'].ask('POST', '/api/live/join', {
      code: liveSessionSchema.parse(held.body).code,
      nickname: 'Pia',
    });
    const learners = [{ id: randomUUID(), name: 'Bo' }];
    const made = await coach.ask('POST', `${at}/roster`, { learners });
    const { name, phrase } = slipsSchema.parse(made.body).slips[0]!;
    await people.beginner.ask('POST', '/api/session', { name, phrase });
    await people.owner.ask('POST', '/api/work', {
      id: work,
      group: group.id,
      words: 'seen by nobody else',
      handed: { what: 'record', entry: record.id },
    });
    return new Inhabited(app, people, {
      owner,
      cube: cube.id,
      record,
      group: group.id,
      otherGroupCode: otherGroup.code!,
      otherGroup: otherGroup.id,
      live,
      plan,
      assignment,
      work,
      print,
      session: randomUUID(),
      code: 'AAAAAAAA',
      to: otherGroup.id,
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
        if (TEACHERS.includes(person) && /^(group|live|learner|work)-/.test(rule)) {
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

  it('a coach may take a learner out of their own group only, who does not come back by its code', async () => {
    const { people, world } = here;
    const { group, owner } = world;
    const leave = `/api/groups/${group}/learners/${owner.id}`;
    expect((await people['other coach'].ask('DELETE', leave)).status).toBe(404);
    expect((await people['other learner'].ask('DELETE', leave)).status).toBe(404);
    expect((await people['other coach'].ask('DELETE', `/api/groups/${group}`)).status).toBe(404);
    const codeOf = async (): Promise<string> => {
      const { items } = groupListSchema.parse(
        (await people['own coach'].ask('GET', '/api/groups')).body,
      );
      return items[0]!.code!;
    };
    const code = await codeOf();
    expect((await people['own coach'].ask('DELETE', leave)).status).toBe(204);
    const join = (by: string) => people.owner.ask('POST', '/api/groups/join', { code: by });
    expect((await join(code)).status).toBe(403);
    expect((await people['taken out'].ask('POST', '/api/groups/join', { code })).status).toBe(403);
    // Who left by themselves may come back.
    expect((await people['former member'].ask('POST', '/api/groups/join', { code })).status).toBe(
      200,
    );
    expect((await people['own coach'].ask('POST', `/api/groups/${group}/code`)).status).toBe(200);
    expect((await join(code)).status).toBe(404);
    expect((await join(await codeOf())).status).toBe(200);
  });
});

/** What somebody follows while their right to it ends, and how it does; the word that tells why. */
const ENDS: readonly {
  what: string;
  follows: [Person, 'board' | 'seat'];
  end: (here: Inhabited) => Promise<unknown>;
  why: string;
}[] = [
  {
    what: 'help is ended',
    follows: ['helper', 'board'],
    end: async ({ people, world }) => {
      const { items } = groupListSchema.parse(
        (await people['own coach'].ask('GET', '/api/groups')).body,
      );
      const { id } = items[0]!.assistants.find(({ name }) => name === 'Helga')!;
      return people['own coach'].ask('DELETE', `/api/groups/${world.group}/assistants/${id}`);
    },
    why: 'no right',
  },
  {
    what: 'a helper goes by themselves',
    follows: ['watcher', 'board'],
    end: async ({ people, world }) => {
      const { items } = groupListSchema.parse(
        (await people.watcher.ask('GET', '/api/groups')).body,
      );
      const { id } = items[0]!.assistants.find(({ name }) => name === 'Vilde')!;
      return people.watcher.ask('DELETE', `/api/groups/${world.group}/assistants/${id}`);
    },
    why: 'no right',
  },
  {
    what: 'they are signed out everywhere',
    follows: ['owner', 'seat'],
    end: ({ people }) => people.owner.ask('POST', '/api/account/sign-out-everywhere'),
    why: 'signed out',
  },
  {
    what: 'they leave the group',
    follows: ['owner', 'seat'],
    end: ({ people, world }) =>
      people.owner.ask('DELETE', `/api/groups/${world.group}/learners/${world.owner.id}`),
    why: 'taken off',
  },
  {
    what: 'they are taken out of it',
    follows: ['owner', 'seat'],
    end: ({ people, world }) =>
      people['own coach'].ask('DELETE', `/api/groups/${world.group}/learners/${world.owner.id}`),
    why: 'taken off',
  },
  {
    what: 'they are taken off the table',
    follows: ['owner', 'seat'],
    end: ({ people, world }) =>
      people.helper.ask('DELETE', `/api/live/${world.live}/seats/${world.owner.id}`),
    why: 'taken off',
  },
  {
    what: 'the group is archived',
    follows: ['owner', 'seat'],
    end: ({ people, world }) =>
      people['own coach'].ask('PATCH', `/api/groups/${world.group}`, { archived: true }),
    why: 'archived',
  },
  {
    what: 'the group is dissolved',
    follows: ['helper', 'board'],
    end: ({ people, world }) => people['own coach'].ask('DELETE', `/api/groups/${world.group}`),
    why: 'dissolved',
  },
  {
    what: 'its coach deletes the account',
    follows: ['owner', 'seat'],
    end: ({ people }) => people['own coach'].ask('DELETE', '/api/account', { phrase: PHRASE }),
    why: 'dissolved',
  },
  {
    what: 'they delete their account',
    follows: ['owner', 'seat'],
    end: ({ people }) => people.owner.ask('DELETE', '/api/account', { phrase: PHRASE }),
    why: 'signed out',
  },
  {
    what: 'the session ends',
    follows: ['owner', 'seat'],
    end: ({ people, world }) => people['own coach'].ask('DELETE', `/api/live/${world.live}`),
    why: 'ended',
  },
];

describe('what somebody follows', () => {
  let here: Inhabited;
  let other: TestApp;
  beforeEach(async () => {
    here = await Inhabited.start();
    other = await here.app.beside();
  });
  afterEach(async () => {
    await other.stop();
    await here.app.stop();
  });

  for (const { what, follows, end, why } of ENDS) {
    it(`ends on every process when ${what}, with the word that tells why, and the seat with it`, async () => {
      const [person, kind] = follows;
      const path = `/api/live/${here.world.live}/${kind}`;
      const words: string[] = [];
      const ended: Promise<void>[] = [];
      for (const who of [here.people[person], here.people[person].at(other)]) {
        let isOver: () => void;
        ended.push(new Promise((resolve) => (isOver = resolve)));
        // It is followed before anything ends.
        await new Promise<void>((told, refused) => {
          const hear = (event: BoardEvent): void => {
            if (event.is === 'all') told();
            if (event.is !== 'over') return;
            words.push(event.why!);
            isOver();
          };
          who.follow(`${path}?x-sleetcrest-reads=loosely`, hear).catch(refused);
        });
      }
      const tell = () =>
        here.people[person].ask('PUT', `/api/live/${here.world.live}/here`, aHere());
      if (kind === 'seat') expect((await tell()).status).toBe(200);
      await end(here);
      await Promise.all(ended);
      expect(words).toEqual([why, why]);
      if (kind === 'seat') expect([401, 404]).toContain((await tell()).status);
      const again = await here.people[person].at(other).lookAt(path);
      expect([401, 404]).toContain(again.status);
    });
  }

  it('is answered to HEAD, without being followed', async () => {
    const path = `/api/live/${here.world.live}/seat`;
    expect((await here.people.owner.ask('HEAD', path)).status).toBe(200);
    expect((await here.app.somebody().ask('HEAD', path)).status).toBe(401);
    expect((await here.people.guest.ask('HEAD', path)).status).toBe(404);
    expect((await here.people['guest elsewhere'].ask('HEAD', path)).status).toBe(404);
    expect(here.app.streams + other.streams).toBe(0);
  });
});
