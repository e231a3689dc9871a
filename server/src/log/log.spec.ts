import { randomUUID } from 'node:crypto';
import {
  batchAnswerSchema,
  BATCH,
  entryOf,
  logGroupsSchema,
  logOverviewSchema,
  logPageSchema,
  logSchema,
  type LogCells,
} from '@sleetcrest/contract/log';
import { randomFrom, STAGES } from '@sleetcrest/core';
import {
  ENTRY_KINDS,
  groupsOf,
  isMeant,
  type LogEntry,
  type LogFilter,
  newestFirst,
  OUTCOMES,
  overviewOf,
} from '@sleetcrest/core/learner/log';
import { problemSchema } from '@sleetcrest/contract';
import { QueryTypes } from 'sequelize';
import { aRecord, TestApp, type Visitor } from '../app.spec-support.js';

const TODAY = '2026-11-25';

/** The same items in an order of chance. */
const inAnyOrder = <T>(items: readonly T[], random: (below: number) => number): T[] =>
  [...items]
    .map((item): [number, T] => [random(1e6), item])
    .sort(([a], [b]) => a - b)
    .map(([, item]) => item);

/** Records as they may come, over some weeks and several offsets. */
function manyRecords(count: number, seed: number): LogEntry[] {
  const random = randomFrom(seed);
  const one = <T>(items: readonly T[]): T => items[random(items.length)]!;
  return Array.from({ length: count }, () => {
    const kind = one(ENTRY_KINDS);
    const outcome = one(OUTCOMES);
    const at = new Date(Date.UTC(2026, 8, 10 + random(70), random(24), random(60)));
    const offset = one(['Z', '+01:00', '-08:30']);
    return aRecord({
      kind,
      outcome,
      stage: kind === 'stage' ? one(STAGES) : null,
      beganAt: at.toISOString().replace('Z', offset),
      time: random(8) === 0 ? null : random(30_000) / 100,
      reason: outcome === 'aside' ? 'a 100 % slip_of the hand' : '',
      note: one(['', 'In the Boathouse', 'tired']),
      method: one(['gentle', 'white-up', '']),
      tags: one([[], ['club'], ['club', 'late']]),
      splits: inAnyOrder(STAGES, random)
        .slice(0, random(12))
        .map((stage) => ({
          stage,
          time: random(2000) / 100,
          turns: random(4) === 0 ? null : random(40),
        })),
    });
  });
}

describe('a log', () => {
  let app: TestApp;
  let learner: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    learner = app.somebody();
    await learner.signUp('Amalie');
  });
  afterEach(() => app.stop());

  const keep = async (entries: readonly LogEntry[]) => {
    let added = 0;
    for (let k = 0; k < entries.length; k += BATCH) {
      const body = { entries: entries.slice(k, k + BATCH) };
      added += batchAnswerSchema.parse(
        (await learner.ask('POST', '/api/log/batch', body)).body,
      ).added;
    }
    return added;
  };
  const page = async (query = '') =>
    logPageSchema.parse((await learner.ask('GET', `/api/log${query}`)).body);

  it('keeps a record as it was told, and once however often it is sent', async () => {
    const record = aRecord({ splits: [{ stage: 'daisy', time: 9.07, turns: null }] });
    const answers = await Promise.all(
      [1, 2, 3, 4].map(() => learner.ask('POST', '/api/log', record)),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 200, 201]);
    expect((await page()).items).toEqual([record]);
    const other = await learner.ask('POST', '/api/log', { ...record, time: 12 });
    expect(other.status).toBe(409);
    expect((await page()).items).toEqual([record]);
  });

  it('has ids of its own: another account may have the same', async () => {
    const record = aRecord();
    await learner.ask('POST', '/api/log', record);
    const other = app.somebody();
    await other.signUp('Teo');
    expect((await other.ask('POST', '/api/log', { ...record, note: 'mine' })).status).toBe(201);
    expect((await page()).items).toEqual([record]);
  });

  it('answers every filter and every statistic as core does, whatever the records', async () => {
    const records = manyRecords(700, 5);
    expect(await keep(records)).toBe(700);
    const filters: LogFilter[] = [
      {},
      { from: '2026-10-20', to: '2026-11-02' },
      { kind: 'stage', stage: 'corners' },
      { stage: 'cross', method: 'white-up' },
      { outcome: 'aside', text: '100 % SLIP_' },
      { text: 'boathouse', tag: 'late' },
      { text: 'no such words' },
    ];
    for (const filter of filters) {
      const query = new URLSearchParams(filter as Record<string, string>);
      const meant = records.filter((entry) => isMeant(entry, filter)).sort(newestFirst);
      const context = JSON.stringify(filter);
      const { items, total } = await page(`?${query}&offset=10&limit=50`);
      expect(total).withContext(context).toBe(meant.length);
      expect(items).withContext(context).toEqual(meant.slice(10, 60));
      const overview = await learner.ask('GET', `/api/log/overview?${query}&today=${TODAY}`);
      expect(logOverviewSchema.parse(overview.body))
        .withContext(context)
        .toEqual(overviewOf(records, filter, TODAY));
      for (const by of ['day', 'session'] as const) {
        const groups = await learner.ask('GET', `/api/log/groups?${query}&by=${by}`);
        expect(logGroupsSchema.parse(groups.body).items)
          .withContext(`${context} ${by}`)
          .toEqual(groupsOf(meant, by));
      }
    }
  });

  describe('beside a group', () => {
    /** A group of so many learners besides the first, each with a daisy of so many seconds. */
    async function groupOf(seconds: readonly number[]): Promise<{ coach: Visitor; id: string }> {
      const coach = app.somebody();
      await coach.signUp(`Coach ${randomUUID().slice(0, 6)}`, 'coach');
      const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
      const { code, id } = made.body as { code: string; id: string };
      await learner.ask('POST', '/api/groups/join', { code });
      for (const [k, time] of seconds.entries()) {
        const other = app.somebody();
        await other.signUp(`Other ${k} ${id.slice(0, 6)}`);
        await other.ask('POST', '/api/groups/join', { code });
        const splits = [{ stage: 'daisy' as const, time, turns: 10 }];
        const beganAt = new Date().toISOString();
        await other.ask('POST', '/api/log', aRecord({ beganAt, splits, note: 'a word of mine' }));
      }
      return { coach, id };
    }
    const groupFor = async (visitor: Visitor, query = '', path = '/api/log/overview') =>
      logOverviewSchema.parse((await visitor.ask('GET', `${path}?today=${TODAY}${query}`)).body)
        .ridge.group;

    it('shows what is typical of at least four others, each counted as one', async () => {
      await groupOf([10, 20, 30, 90]);
      const own = [{ stage: 'daisy' as const, time: 1, turns: 1 }];
      await learner.ask('POST', '/api/log', aRecord({ splits: own }));
      expect(await groupFor(learner)).toEqual([
        { stage: 'daisy', count: 4, median: 25, turnsPerSecond: 0.42 },
      ]);
      expect(await groupFor(learner, '&stage=daisy&method=gentle')).not.toBe('too few');
      expect(await groupFor(learner, '&method=white-up')).toBe('too few');
    });

    it('says too few of fewer: in a group of two the group would be the other child', async () => {
      await groupOf([10, 20, 30]);
      expect(await groupFor(learner)).toBe('too few');
      const alone = app.somebody();
      await alone.signUp('Nils');
      expect(await groupFor(alone)).toBeNull();
    });

    it('answers to nothing that is asked but method and stage', async () => {
      await groupOf([10, 20, 30, 90]);
      const all = await groupFor(learner);
      for (const query of [
        '&text=a+word+of+mine',
        '&text=no+such+word',
        '&tag=club',
        '&tag=none',
        '&from=2026-01-01&to=2026-01-02',
        '&outcome=aside',
        '&kind=stage',
      ]) {
        expect(await groupFor(learner, query))
          .withContext(query)
          .toEqual(all);
      }
    });

    it('is of the groups of the coach asked through alone', async () => {
      const [{ coach }, other] = [await groupOf([10, 20, 30, 90]), await groupOf([1, 2])];
      const [{ id }] = (await app.database.sequelize.query<{ id: string }>(
        `SELECT id FROM accounts WHERE name = 'Amalie'`,
        { type: QueryTypes.SELECT },
      )) as [{ id: string }];
      const path = `/api/learners/${id}/log/overview`;
      expect(await groupFor(coach, '', path)).toEqual([
        jasmine.objectContaining({ stage: 'daisy', median: 25 }),
      ] as never);
      expect(await groupFor(other.coach, '', path)).toBe('too few');
      // The learner's own view is of both together.
      expect(await groupFor(learner)).toEqual([
        jasmine.objectContaining({ count: 6, median: 15 }),
      ] as never);
    });
  });

  it('changes a record, and refuses a change that would make it wrong', async () => {
    const record = aRecord();
    await learner.ask('POST', '/api/log', record);
    const change = (body: object) => learner.ask('PATCH', `/api/log/entries/${record.id}`, body);
    expect((await change({ outcome: 'aside' })).status).toBe(422);
    expect((await change({ turns: 'R Q' })).status).toBe(422);
    expect((await change({ scramble: 'R' })).status).toBe(422);
    expect((await page()).items).toEqual([record]);
    const aside = { outcome: 'aside' as const, reason: 'a corner popped out', note: 'new stand' };
    expect((await change(aside)).body as object).toEqual({ ...record, ...aside });
    expect((await page()).items).toEqual([{ ...record, ...aside }]);
  });

  it('deletes, brings back and tags many at once', async () => {
    const records = manyRecords(20, 8);
    await keep(records);
    const ids = records.slice(0, 5).map(({ id }) => id);
    const changed = async (path: string, body: object) =>
      (await learner.ask('POST', `/api/log/${path}`, body)).body as unknown;
    expect(await changed('remove', { ids })).toEqual({ changed: 5 });
    expect(await changed('remove', { ids })).toEqual({ changed: 0 });
    expect((await page()).total).toBe(15);
    expect(await changed('restore', { ids: [...ids, randomUUID()] })).toEqual({ changed: 5 });
    expect(await changed('tags', { ids, add: ['winter', 'club'], remove: ['late'] })).toEqual({
      changed: 5,
    });
    const { items } = await page('?limit=200');
    for (const { id, tags } of items) {
      if (!ids.includes(id)) continue;
      const before = records.find((one) => one.id === id)!.tags;
      const after = [...new Set([...before, 'winter', 'club'])].filter((tag) => tag !== 'late');
      expect(tags).toEqual(after);
    }
  });

  it('takes the same file twice without adding anything, and brings back what was deleted', async () => {
    const records = manyRecords(30, 3);
    expect(await keep(records)).toBe(30);
    expect(await keep([...records, ...records])).toBe(0);
    await learner.ask('POST', '/api/log/remove', { ids: [records[4]!.id] });
    expect(await keep(records)).toBe(1);
    const spoilt = [aRecord(), { ...aRecord(), time: -1 }];
    expect((await learner.ask('POST', '/api/log/batch', { entries: spoilt })).status).toBe(422);
    expect((await page()).total).toBe(30);
  });

  it('leaves as CSV and as JSON, from which the same records come back', async () => {
    const records = [
      ...manyRecords(600, 6),
      aRecord({ note: 'a "quoted", note\r\nover two lines; =1+1', cube: 'the “new” one' }),
      aRecord({ note: '\\u0041 {"a":null} \u{1F9CA}', tags: ['null', '{}', '"', '\\'] }),
    ].sort(newestFirst);
    await keep(records);
    const json = await learner.ask('GET', '/api/log/export?as=json');
    expect(logSchema.parse(json.body).entries.sort(newestFirst)).toEqual(records);
    const csv = (await learner.ask('GET', '/api/log/export?as=csv')).body as string;
    const { parse } = await import('csv-parse/sync');
    const rows: LogCells[] = parse(csv, { columns: true });
    const read = rows.map((row) => entryOf(row, () => randomUUID()));
    expect(read.every(({ ok }) => ok)).toBeTrue();
    const entries = read.map((one) => (one.ok ? one.entry : aRecord()));
    expect(entries.sort(newestFirst)).toEqual(records);
    expect(csv.startsWith('id,kind,stage,began_at,')).toBeTrue();
  });

  it('refuses what is wrong with the field and the reason, and keeps nothing', async () => {
    const wrong: [object, string][] = [
      [{ time: 1.005 }, 'time'],
      [{ time: 90_000 }, 'time'],
      [{ beganAt: '2026-11-31T10:00:00Z' }, 'beganAt'],
      [{ beganAt: '2026-11-30 10:00' }, 'beganAt'],
      [{ kind: 'stage' }, 'stage'],
      [{ outcome: 'aside' }, 'reason'],
      [{ scramble: "R' Q" }, 'scramble'],
      [{ tags: ['a', 'a'] }, 'tags'],
      [{ owner: 'Teo' }, ''],
    ];
    for (const [change, path] of wrong) {
      const answer = await learner.ask('POST', '/api/log', { ...aRecord(), ...change });
      expect(answer.status).withContext(path).toBe(422);
      expect(problemSchema.parse(answer.body).errors!.map((error) => error.path)).toContain(path);
    }
    expect((await page()).total).toBe(0);
  });

  it('is read from indexes, its statistics without reading the records', async () => {
    const { sequelize } = app.database;
    await sequelize.query(
      'SET enable_seqscan = off; SET enable_bitmapscan = off; SET enable_sort = off',
    );
    const plan = async (sql: string): Promise<string> =>
      (await sequelize.query<object>(`EXPLAIN ${sql}`, { type: QueryTypes.SELECT }))
        .map((row) => Object.values(row).join())
        .join('\n');
    const mine = `FROM log_entries WHERE account_id = '${randomUUID()}' AND deleted_at IS NULL`;
    expect(await plan(`SELECT * ${mine} ORDER BY began_at DESC, id DESC LIMIT 100`)).toContain(
      'log_entries_newest',
    );
    expect(
      await plan(`SELECT day, max(hundredths) ${mine} AND outcome = 'finished' GROUP BY day`),
    ).toContain('Index Only Scan using log_entries_counted');
  });
});
