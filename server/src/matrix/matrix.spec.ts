import { parse } from 'csv-parse/sync';
import { matrixSchema, type Matrix, type MatrixRow } from '@sleetcrest/contract/table';
import { aReview } from '@sleetcrest/contract/testing';
import type { Review } from '@sleetcrest/core/learner/answers';
import { aRecord } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';
import { matrixCsv } from './csv.js';

const DAY = '2026-11-25';

describe('the matrix of a group', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start('Amalie', 'Teo')));
  afterEach(() => here.app.stop());

  const read = async (day = DAY): Promise<Matrix> => {
    const { body } = await here.coach.ask('GET', `${here.at}/matrix?day=${day}`);
    return matrixSchema.parse(body);
  };
  const amalie = async (day?: string): Promise<MatrixRow> => (await read(day)).rows[0]!;
  const answer = (...reviews: Review[]) =>
    here.learners[0]!.ask('POST', '/api/practice/reviews', { reviews });
  const seen = (item: string, date: string, right = true, change: Partial<Review> = {}): Review =>
    aReview({ kind: 'both', item, at: `${date}T18:00:00.000Z`, right, answer: '', ...change });

  it('has a column for each case of the method, and everybody who belongs to it', async () => {
    const { columns, stages, rows } = await read();
    expect(columns.length).toBeGreaterThan(20);
    expect(stages.map(({ stage }) => stage)).toEqual([
      ...new Set(columns.map(({ stage }) => stage)),
    ]);
    expect(rows.map(({ name }) => name)).toEqual(['Amalie', 'Teo']);
    for (const row of rows) {
      expect(row.cases.length).toBe(columns.length);
      expect(new Set(row.cases.map(({ standing }) => standing))).toEqual(new Set(['new']));
      expect(row.lastDay).toBeNull();
    }
    await here.coach.ask('PATCH', here.at, { method: 'front-right' });
    expect((await read()).columns.map((one) => one.case)).not.toEqual(
      columns.map((one) => one.case),
    );
  });

  it('tells from lessons and practice how each stands, anew with each answer', async () => {
    const { columns } = await read();
    const [first, second] = [columns[0]!.case, columns[1]!.case];
    await answer(seen(first, '2026-11-20'));
    expect((await amalie()).cases[0]!.standing).toBe('known');
    await answer(seen(first, '2026-11-24'), seen(second, '2026-11-24', false, { answer: first }));
    const row = await amalie();
    expect(row.cases.slice(0, 3).map(({ standing }) => standing)).toEqual(['sure', 'begun', 'new']);
    expect(row.cases[0]).toEqual(jasmine.objectContaining({ answers: 2, rightDays: 2 }));
    expect(row.due).toContain(second);
    expect(row.mixedUp).toEqual([]);
    await answer(seen(second, '2026-11-25', false, { answer: first }));
    expect((await amalie()).mixedUp).toEqual([{ was: second, said: first, times: 2 }]);
    expect((await amalie('2027-11-25')).cases[0]!.standing).toBe('slipping');
  });

  it('tells from solves how each stands with a stage, but never from what is private', async () => {
    const solve = (beganAt: string, tags: string[] = []) =>
      here.learners[0]!.ask(
        'POST',
        '/api/log',
        aRecord({
          kind: 'stage',
          stage: 'daisy',
          time: 12.5,
          beganAt,
          tags,
          splits: [],
          turns: '',
        }),
      );
    const daisy = async () => (await amalie()).stages.find(({ stage }) => stage === 'daisy')!;
    expect((await solve('2026-11-20T10:00:00.000Z', ['private'])).status).toBe(201);
    expect(await daisy()).toEqual(jasmine.objectContaining({ standing: 'new', times: 0 }));
    expect((await amalie()).lastDay).toBeNull();
    await solve('2026-11-20T10:00:00.000Z');
    expect(await daisy()).toEqual(
      jasmine.objectContaining({ standing: 'known', times: 1, typical: 12.5 }),
    );
    await solve('2026-11-22T10:00:00.000Z');
    expect(await daisy()).toEqual(
      jasmine.objectContaining({ standing: 'sure', times: 2, days: 2 }),
    );
  });

  it('leaves as CSV, a line for each learner', async () => {
    await answer(seen((await read()).columns[0]!.case, '2026-11-24'));
    const matrix = await read();
    const [amalie, teo] = parse<Record<string, string>>(matrixCsv(matrix), { columns: true });
    expect(amalie!['learner']).toBe('Amalie');
    expect(amalie!['last seen']).toBe('2026-11-24');
    expect(amalie![matrix.columns[0]!.case]).toBe('known');
    expect(teo!['last seen']).toBe('');
    const named = { ...matrix, rows: [{ ...matrix.rows[0]!, name: '=1+1' }] };
    expect(matrixCsv(named)).toContain("'=1+1");
  });
});

describe('what a learner keeps private', () => {
  let here: AGroup;
  beforeAll(async () => {
    here = await AGroup.start('Amalie');
    const record = aRecord({ note: 'for me alone', tags: ['private'] });
    await here.learners[0]!.ask('POST', '/api/log', record);
    await here.learners[0]!.ask('POST', '/api/log', aRecord({ note: 'for all', tags: [] }));
  });
  afterAll(() => here.app.stop());

  it('is in no answer to a coach, and counts in none', async () => {
    const log = `/api/learners/${here.accounts[0]!.id}/log`;
    for (const [path, all] of [
      [log, 1],
      [`${log}?text=alone`, 0],
      [`${log}?tag=private`, 0],
    ] as const) {
      const { body } = await here.coach.ask('GET', path);
      expect((body as { total: number }).total)
        .withContext(path)
        .toBe(all);
      expect(JSON.stringify(body)).not.toContain('for me alone');
    }
    const overview = await here.coach.ask('GET', `${log}/overview?today=2026-11-25`);
    expect((overview.body as { summary: { count: number } }).summary.count).toBe(1);
    const own = await here.learners[0]!.ask('GET', '/api/log');
    expect((own.body as { total: number }).total).toBe(2);
  });
});
