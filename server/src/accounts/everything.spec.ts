import { randomUUID } from 'node:crypto';
import { methodSchema, savedSolveSchema } from '@sleetcrest/contract';
import { logSchema } from '@sleetcrest/contract/log';
import JSZip from 'jszip';
import { aRecord, aSolve, TestApp, type Visitor } from '../app.spec-support.js';
import { aMethod } from '../methods/methods.spec-support.js';

describe('everything that is kept for an account', () => {
  let app: TestApp;
  let visitor: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    visitor = app.somebody();
    await visitor.signUp('Amalie');
  });
  afterEach(() => app.stop());

  /** The files of the ZIP, by name. */
  async function files(): Promise<Map<string, string>> {
    const answer = await visitor.askForBytes('/api/account/export');
    const zip = await JSZip.loadAsync(answer);
    const names = Object.keys(zip.files);
    const texts = await Promise.all(names.map((name) => zip.files[name]!.async('string')));
    return new Map(names.map((name, k) => [name, texts[k]!]));
  }

  it('leaves as one ZIP of open files, and nothing of anybody else', async () => {
    const records = Array.from({ length: 3 }, (_, k) => aRecord({ note: `number ${k}` }));
    for (const record of records) await visitor.ask('POST', '/api/log', record);
    const cubes = Array.from({ length: 102 }, (_, k) => aSolve(k));
    for (const cube of cubes) await visitor.ask('POST', '/api/solves', cube);
    await visitor.ask('PUT', '/api/methods/landing', aMethod());
    const other = app.somebody();
    await other.signUp('Teo');
    await other.ask('POST', '/api/log', aRecord({ note: 'not Amalie’s' }));

    const all = await files();
    expect([...all.keys()].sort()).toEqual([
      'README.txt',
      'account.json',
      'assignments.json',
      'cubes.json',
      'deleted/cubes.json',
      'deleted/log.json',
      'groups.json',
      'log.csv',
      'log.json',
      'methods/landing.json',
      'places.json',
      'practice.json',
      'sessions.json',
      'settings.json',
      'work.json',
    ]);
    for (const name of all.keys()) {
      if (!['README.txt', 'methods/landing.json'].includes(name))
        expect(all.get('README.txt')).toContain(name);
    }
    const log = logSchema.parse(JSON.parse(all.get('log.json')!));
    expect(log.entries.map(({ note }) => note).sort()).toEqual(records.map(({ note }) => note));
    expect(all.get('log.csv')!.trim().split('\r\n').length).toBe(4);
    const kept = JSON.parse(all.get('cubes.json')!) as unknown[];
    // More than the server lists at once.
    expect(kept.map((cube) => savedSolveSchema.parse(cube).id).sort()).toEqual(
      cubes.map(({ id }) => id).sort(),
    );
    expect(methodSchema.parse(JSON.parse(all.get('methods/landing.json')!)).id).toBe('landing');
    expect(JSON.parse(all.get('account.json')!)).toEqual(
      jasmine.objectContaining({ name: 'Amalie', role: 'learner' }),
    );
    expect([...all.values()].join()).not.toContain('not Amalie’s');
    expect([...all.values()].join()).not.toContain('argon2');
  });

  it('has what was deleted and can still be brought back, and where one is signed in', async () => {
    const [record, cube] = [aRecord({ note: 'deleted, not forgotten' }), aSolve()];
    await visitor.ask('POST', '/api/log', record);
    await visitor.ask('POST', '/api/log/remove', { ids: [record.id] });
    await visitor.ask('POST', '/api/solves', cube);
    await visitor.ask('DELETE', `/api/solves/${cube.id}`);
    await visitor.ask('PUT', '/api/methods/landing', aMethod());
    await visitor.ask('DELETE', '/api/methods/landing');
    const all = await files();
    const log = logSchema.parse(JSON.parse(all.get('deleted/log.json')!));
    expect(log.entries).toEqual([record]);
    const [kept] = JSON.parse(all.get('deleted/cubes.json')!) as object[];
    expect(kept).toEqual(jasmine.objectContaining({ id: cube.id, deletedAt: jasmine.any(String) }));
    expect(all.has('deleted/methods/landing.json')).toBeTrue();
    expect(JSON.parse(all.get('cubes.json')!)).toEqual([]);
    expect((JSON.parse(all.get('sessions.json')!) as object[]).length).toBe(1);
    expect((JSON.parse(all.get('places.json')!) as object[]).length).toBe(1);
  });

  it('has the groups one belongs to, without their codes or other learners', async () => {
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    const { code } = made.body as { code: string };
    await visitor.ask('POST', '/api/groups/join', { code });
    const other = app.somebody();
    await other.signUp('Teo');
    await other.ask('POST', '/api/groups/join', { code });
    const groups = (await files()).get('groups.json')!;
    expect(groups).toContain('Thursday');
    expect(groups).toContain('Runa');
    expect(groups).not.toContain(code);
    expect(groups).not.toContain('Teo');
  });
});
