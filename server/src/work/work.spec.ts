import { randomUUID } from 'node:crypto';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { workListSchema, workSchema, type Work } from '@sleetcrest/contract/table';
import { aRecord } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';

describe('what is handed in', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start('Amalie')));
  afterEach(() => here.app.stop());

  const cube = writeCubeDocument(randomCube(randomFrom(3)));
  const question = (id = randomUUID()) => ({
    id,
    group: here.group.id,
    words: 'What now?',
    handed: { what: 'question', cube },
  });
  const hand = (given: object = question()) => here.learners[0]!.ask('POST', '/api/work', given);
  const ofGroup = async (): Promise<Work[]> =>
    workListSchema.parse((await here.coach.ask('GET', `${here.at}/work`)).body).items;
  const own = async (): Promise<Work[]> =>
    workListSchema.parse((await here.learners[0]!.ask('GET', '/api/work')).body).items;
  const write = (
    who: 'coach' | 'learner',
    work: string,
    words: string,
    turn: number | null = null,
  ) =>
    (who === 'coach' ? here.coach : here.learners[0]!).ask('POST', `/api/work/${work}/notes`, {
      id: randomUUID(),
      place: { turn, stage: null },
      words,
    });

  it('is a record as it stood then, or a cube with a question; once, however often it is sent', async () => {
    const record = aRecord({ note: 'as it was', tags: [] });
    await here.learners[0]!.ask('POST', '/api/log', record);
    const id = randomUUID();
    const given = { ...question(id), handed: { what: 'record', entry: record.id } };
    const first = workSchema.parse((await hand(given)).body);
    expect(workSchema.parse((await hand(given)).body)).toEqual(first);
    const told = { id: randomUUID(), at: new Date().toISOString() };
    await here.learners[0]!.ask('PATCH', `/api/log/entries/${record.id}`, {
      note: 'changed',
      told,
    });
    const [{ handed }] = (await ofGroup()) as [Work];
    expect(handed.what === 'record' && handed.entry.note).toBe('as it was');
  });

  it('is never a record that is private, or to a group one does not belong to', async () => {
    const record = aRecord({ tags: ['private'] });
    await here.learners[0]!.ask('POST', '/api/log', record);
    expect(
      (await hand({ ...question(), handed: { what: 'record', entry: record.id } })).status,
    ).toBe(409);
    expect((await hand({ ...question(), group: randomUUID() })).status).toBe(404);
    expect(await ofGroup()).toEqual([]);
  });

  it('is unread to each side until it has read what the other wrote', async () => {
    const { id } = workSchema.parse((await hand()).body);
    expect([(await ofGroup())[0]!.unread, (await own())[0]!.unread]).toEqual([true, false]);
    await here.coach.ask('PUT', `/api/work/${id}/read`);
    expect((await ofGroup())[0]!.unread).toBeFalse();
    await write('coach', id, 'Look at the back first', 7);
    expect([(await ofGroup())[0]!.unread, (await own())[0]!.unread]).toEqual([false, true]);
    await here.learners[0]!.ask('PUT', `/api/work/${id}/read`);
    expect((await own())[0]!.unread).toBeFalse();
    await write('learner', id, 'Thank you');
    expect((await ofGroup())[0]!.unread).toBeTrue();
  });

  it('loses no word when both write at once', async () => {
    const { id } = workSchema.parse((await hand()).body);
    await Promise.all(
      Array.from({ length: 12 }, (_, k) => write(k % 2 ? 'coach' : 'learner', id, `word ${k}`)),
    );
    const [{ notes }] = (await own()) as [Work];
    expect(notes.map(({ words }) => words).sort()).toEqual(
      Array.from({ length: 12 }, (_, k) => `word ${k}`).sort(),
    );
    expect(notes.filter(({ byLearner }) => byLearner).length).toBe(6);
  });

  it('is told whole, however much there is, the newest of each learner among it', async () => {
    await hand();
    await here.app.database.sequelize.query(
      `INSERT INTO work (id, group_id, learner_id, handed, words)
       SELECT gen_random_uuid(), group_id, learner_id, handed, words FROM work, generate_series(1, 519)`,
    );
    expect([(await ofGroup()).length, (await own()).length]).toEqual([520, 520]);
  });

  it('is marked by whoever teaches, and by nobody else', async () => {
    const { id } = workSchema.parse((await hand()).body);
    const mark = (who: 'coach' | 'learner', marked: boolean) =>
      (who === 'coach' ? here.coach : here.learners[0]!).ask('PUT', `/api/work/${id}/marked`, {
        marked,
      });
    expect((await mark('learner', true)).status).toBe(403);
    expect(workSchema.parse((await mark('coach', true)).body).markedAt).not.toBeNull();
    expect(workSchema.parse((await mark('coach', false)).body).markedAt).toBeNull();
  });

  it('is not seen by a coach once its learner has left, and is gone with either account', async () => {
    const { id } = workSchema.parse((await hand()).body);
    await write('coach', id, 'Well done');
    await here.learners[0]!.ask('DELETE', `${here.at}/learners/${here.accounts[0]!.id}`);
    expect(await ofGroup()).toEqual([]);
    expect((await write('coach', id, 'And more')).status).toBe(404);
    expect((await own())[0]!.notes.length).toBe(1);
    await here.coach.ask('DELETE', '/api/account', { phrase: 'three larches by the shore' });
    expect(await own()).toEqual([]);
  });
});
