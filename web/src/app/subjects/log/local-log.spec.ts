import { overviewOf } from '@sleetcrest/core/learner/log';
import { v4 as uuid } from 'uuid';
import { LocalLog } from './local-log';
import { anEntry } from './log.spec-support';

describe('a guest’s log', () => {
  let deeds: LocalLog;
  let name: string;
  beforeEach(() => {
    name = `spec ${uuid()}`;
    deeds = new LocalLog(name);
  });

  const notes = async (filter = {}): Promise<string[]> =>
    (await deeds.page(filter, 0, 10)).items.map(({ note }) => note);

  it('is there again when the page is opened again', async () => {
    const entry = anEntry({ note: 'kept' });
    expect(await deeds.addAll([entry])).toEqual({ added: 1, known: 0 });
    expect(await deeds.addAll([entry])).toEqual({ added: 0, known: 1 });
    expect((await new LocalLog(name).page({}, 0, 10)).items).toEqual([entry]);
  });

  it('answers filters and charts as core does', async () => {
    const entries = [1, 2, 3].map((day) =>
      anEntry({ beganAt: `2026-11-0${day}T10:00:00.000Z`, time: 50 + day, note: `day ${day}` }),
    );
    await deeds.addAll(entries);
    expect(await notes({ from: '2026-11-02' })).toEqual(['day 3', 'day 2']);
    expect(await deeds.overview({}, '2026-11-03')).toEqual(overviewOf(entries, {}, '2026-11-03'));
    expect((await deeds.groups({}, 'day')).length).toBe(3);
  });

  it('deletes, brings back, tags and changes records', async () => {
    const [a, b] = [anEntry({ note: 'a' }), anEntry({ note: 'b' })];
    await deeds.addAll([a, b]);
    await deeds.remove([a.id]);
    expect(await notes()).toEqual(['b']);
    await deeds.restore([a.id]);
    await deeds.tag([a.id, b.id], ['club'], []);
    await deeds.change(a.id, { note: 'changed' });
    expect(await deeds.read(a.id)).toEqual({ ...a, note: 'changed', tags: ['club'] });
    await expectAsync(deeds.change(a.id, { outcome: 'aside' })).toBeRejected();
    await expectAsync(deeds.read(uuid())).toBeRejectedWithError(/No record/);
  });

  it('leaves as CSV and JSON, and moves out a few at a time', async () => {
    const entries = [anEntry({ note: 'with, comma' }), anEntry()];
    await deeds.addAll(entries);
    expect(await (await deeds.file({}, 'csv')).text()).toContain('"with, comma"');
    const json = JSON.parse(await (await deeds.file({}, 'json')).text()) as { entries: unknown[] };
    expect(json.entries.length).toBe(2);
    const some = await deeds.some(1);
    await deeds.moved(some.map(({ id }) => id));
    expect((await deeds.page({}, 0, 10)).total).toBe(1);
  });

  it('hears of what another tab has kept', async () => {
    const other = new LocalLog(name);
    expect((await deeds.page({}, 0, 10)).total).toBe(0);
    await other.addAll([anEntry()]);
    for (let k = 0; k < 100 && (await deeds.page({}, 0, 10)).total === 0; k++)
      await new Promise(requestAnimationFrame);
    expect((await deeds.page({}, 0, 10)).total).toBe(1);
  });
});
