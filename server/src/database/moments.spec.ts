import { randomUUID } from 'node:crypto';
import { savedMethodSchema, savedSolveSchema } from '@sleetcrest/contract';
import { reviewsPageSchema, type ReviewsPage } from '@sleetcrest/contract/practice';
import { logChangesSchema, type LogChanges } from '@sleetcrest/contract/log';
import { aSolve, TestApp, type Visitor } from '../app.spec-support.js';
import { aMethod } from '../methods/methods.spec-support.js';

describe('what happens at one moment', () => {
  let app: TestApp;
  let teo: Visitor;
  let id: string;
  beforeEach(async () => {
    app = await TestApp.start();
    teo = app.somebody();
    ({ id } = await teo.signUp('Teo'));
  });
  afterEach(() => app.stop());

  const run = (sql: string) => app.database.sequelize.query(sql, { bind: [id] });

  /** Asks page after page as a browser does, so many at most. */
  async function all<Page extends { items: unknown[]; next: { since: string; after?: string } }>(
    path: string,
    read: (body: unknown) => Page,
  ): Promise<Page['items']> {
    const items: Page['items'] = [];
    let query = '?since=1971-01-01T00:00:00.000Z';
    for (let pages = 0; pages < 20; pages++) {
      const page = read((await teo.ask('GET', path + query)).body);
      items.push(...page.items);
      if (page.next.after === undefined) return items;
      query = `?since=${page.next.since}&after=${page.next.after}`;
    }
    throw new Error('it never ends');
  }

  for (const count of [1050, 2500]) {
    it(`is told once and in order, ${count} answers of one moment`, async () => {
      await run(
        `INSERT INTO practice_reviews (account_id, id, kind, item, at, utc_offset, is_right, hundredths,
           answer, turns, given_by, arrived_at)
         SELECT $1, gen_random_uuid(), 'see', 'daisy/middle-right', now(), 0, true, 100, '', 0, 'keys',
           '2026-11-20T10:00:00.123456Z'
         FROM generate_series(1, ${count})`,
      );
      const items = await all('/api/practice/reviews', (body): ReviewsPage =>
        reviewsPageSchema.parse(body),
      );
      const ids = items.map((one) => one.id);
      expect([ids.length, new Set(ids).size]).toEqual([count, count]);
      expect([...ids].sort()).toEqual(ids);
    });
  }

  it('is told once and in order, changes of a log', async () => {
    await run(
      `INSERT INTO log_entries (account_id, id, kind, began_at, utc_offset, outcome, reason, note, method,
         cube, scramble, turns, split_stages, split_hundredths, split_turns, tags, changed_at)
       SELECT $1, gen_random_uuid(), 'solve', now(), 0, 'unfinished', '', '', 'gentle', '', '', '',
         '{}', '{}', '{}', '{}', '2026-11-20T10:00:00.123456Z'
       FROM generate_series(1, 450)`,
    );
    const items = await all('/api/log/changes', (body): LogChanges => logChangesSchema.parse(body));
    const ids = items.map(({ entry }) => entry.id);
    expect([ids.length, new Set(ids).size]).toEqual([450, 450]);
  });

  it('is not asked for from before there are moments', async () => {
    for (const path of ['/api/practice/reviews', '/api/log/changes']) {
      for (const since of [
        '0000-01-01T00:00:00Z',
        '1969-12-31T23:59:59Z',
        '9999-01-01T00:00:00Z',
      ]) {
        expect((await teo.ask('GET', `${path}?since=${since}`)).status).toBe(400);
      }
    }
  });

  it('of one walk on two devices, the further counts, whichever comes first', async () => {
    const { id: cube } = savedSolveSchema.parse(
      (await teo.ask('POST', '/api/solves', aSolve())).body,
    );
    for (let round = 0; round < 20; round++) {
      const at = { step: round, turn: 0 };
      const move = (step: number) =>
        teo.ask('PATCH', `/api/solves/${cube}`, { position: { step, turn: 0 }, from: at });
      const [near, far] = [round + 1, round + 2];
      await Promise.all(round % 2 === 0 ? [move(far), move(near)] : [move(near), move(far)]);
      const { position } = savedSolveSchema.parse(
        (await teo.ask('GET', `/api/solves/${cube}`)).body,
      );
      expect(position).withContext(`round ${round}`).toEqual({ step: far, turn: 0 });
      await teo.ask('PATCH', `/api/solves/${cube}`, { position: { step: near, turn: 0 } });
      if (near >= 12) break;
    }
  });

  it('of two changes of one method neither is lost', async () => {
    for (let round = 0; round < 12; round++) {
      const name = `quay-${round}`;
      const first = { method: aMethod(name).method, proof: 'unproved', basis: null };
      const kept = savedMethodSchema.parse(
        (await teo.ask('PUT', `/api/methods/${name}`, first)).body,
      );
      const change = (title: string) =>
        teo.ask('PUT', `/api/methods/${name}`, {
          method: { ...kept.method, title },
          proof: 'unproved',
          basis: kept.updatedAt,
        });
      const answers = await Promise.all([change('One'), change('Two')]);
      const titles = answers.map(({ body }) => savedMethodSchema.parse(body).method.title);
      expect(titles.filter((title) => title.endsWith('(changed elsewhere too)')).length)
        .withContext(`round ${round}: ${titles.join()}`)
        .toBe(1);
    }
  });

  it('of two new plans of one id one is kept, and the other told so', async () => {
    const runa = app.somebody();
    await runa.signUp('Runa', 'coach');
    const group = randomUUID();
    await runa.ask('POST', '/api/groups', { id: group, name: 'Thursday' });
    for (let round = 0; round < 12; round++) {
      const plan = randomUUID();
      const keep = (note: string) =>
        runa.ask('PUT', `/api/groups/${group}/plans/${plan}`, {
          plan: {
            id: plan,
            on: '2026-12-03',
            at: '17:30',
            minutes: 60,
            repeats: 'never',
            until: null,
            cubes: 4,
            comes: [],
            warmUp: [],
            tables: [],
            note,
            seed: 1,
          },
          basis: null,
        });
      const statuses = (await Promise.all([keep('One'), keep('Two')])).map(({ status }) => status);
      expect(statuses.sort()).withContext(`round ${round}`).toEqual([200, 409]);
    }
  });
});
