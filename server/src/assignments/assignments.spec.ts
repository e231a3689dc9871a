import { randomUUID } from 'node:crypto';
import {
  assignmentListSchema,
  assignmentSchema,
  type Assignment,
  type Task,
} from '@sleetcrest/contract/table';
import { aReview } from '@sleetcrest/contract/testing';
import type { Review } from '@sleetcrest/core/learner/answers';
import { aRecord } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';

describe('what is set for learners', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start('Amalie', 'Teo')));
  afterEach(() => here.app.stop());

  const set = (task: Task, whom: string[] | null = null, id = randomUUID()) =>
    here.coach.ask('POST', `${here.at}/assignments`, {
      id,
      task,
      note: 'for Thursday',
      until: '2026-12-03',
      for: whom,
    });
  const ofGroup = async (): Promise<Assignment[]> =>
    assignmentListSchema.parse((await here.coach.ask('GET', `${here.at}/assignments`)).body).items;
  const own = async (k: number): Promise<Assignment[]> =>
    assignmentListSchema.parse((await here.learners[k]!.ask('GET', '/api/assignments')).body).items;
  const soon = (): string => new Date(Date.now() + 60_000).toISOString();
  const answer = (...reviews: Partial<Review>[]) =>
    here.learners[0]!.ask('POST', '/api/practice/reviews', {
      reviews: reviews.map((one) => aReview({ at: soon(), right: true, answer: '', ...one })),
    });

  it('is for one, some or all, those who join later too, and told to nobody else', async () => {
    const [amalie, teo] = here.accounts;
    await set({ do: 'stage', stage: 'daisy', times: 2 });
    await set({ do: 'lesson', case: 'daisy/middle-right' }, [teo!.id]);
    expect((await own(0)).length).toBe(1);
    expect((await own(1)).length).toBe(2);
    for (const one of await own(0))
      expect(one.progress.map(({ learner }) => learner)).toEqual([amalie!.id]);
    const later = here.app.somebody();
    await later.signUp('Odd');
    await later.ask('POST', '/api/groups/join', { code: here.group.code });
    const both = (await ofGroup()).map(({ progress }) => progress.map(({ name }) => name));
    expect(both).toEqual([['Teo'], ['Amalie', 'Odd', 'Teo']]);
    const stranger = here.app.somebody();
    const { id } = await stranger.signUp('Vilde');
    expect((await set({ do: 'plan', times: 1 }, [id])).status).toBe(422);
  });

  it('is set once, however often it is sent, and can be taken back', async () => {
    const id = randomUUID();
    const first = assignmentSchema.parse((await set({ do: 'plan', times: 2 }, null, id)).body);
    expect(assignmentSchema.parse((await set({ do: 'plan', times: 2 }, null, id)).body)).toEqual(
      first,
    );
    expect((await here.coach.ask('DELETE', `${here.at}/assignments/${id}`)).status).toBe(204);
    expect(await own(0)).toEqual([]);
  });

  it('takes as many statements for three hundred things as for one', async () => {
    const { sequelize } = here.app.database;
    const statements = async (): Promise<number> => {
      let count = 0;
      sequelize.addHook('beforeQuery', 'counting', () => void count++);
      await ofGroup();
      await own(0);
      sequelize.removeHook('beforeQuery', 'counting');
      return count;
    };
    await set({ do: 'stage', stage: 'daisy', times: 2 });
    await set({ do: 'lesson', case: 'daisy/middle-right' });
    await set({ do: 'plan', times: 2 });
    await ofGroup();
    const few = await statements();
    await sequelize.query(
      `INSERT INTO assignments (id, group_id, task, note, until_day, for_all)
       SELECT gen_random_uuid(), group_id, task, note, until_day, for_all
       FROM assignments, generate_series(1, 99)`,
    );
    expect((await ofGroup()).length).toBe(300);
    expect(await statements()).toBe(few);
    expect(few).toBeGreaterThan(1);
  });

  it('is done when the lesson’s case was done alone since, not before', async () => {
    await answer({ kind: 'both', item: 'a/1', at: '2026-01-01T10:00:00.000Z' });
    await set({ do: 'lesson', case: 'a/1' });
    expect((await own(0))[0]!.progress[0]!.doneAt).toBeNull();
    await answer({ kind: 'see', item: 'a/1' });
    expect((await own(0))[0]!.progress[0]!.doneAt).toBeNull();
    await answer({ kind: 'both', item: 'a/1' });
    const [{ progress }] = (await own(0)) as [Assignment];
    expect(progress[0]).toEqual(jasmine.objectContaining({ done: 1, of: 1, said: false }));
    expect(progress[0]!.doneAt).not.toBeNull();
  });

  it('is done when each of some cases went right so often', async () => {
    await set({ do: 'cases', cases: ['a/1', 'a/2'], times: 2 });
    await answer({ item: 'a/1' }, { item: 'a/1' }, { item: 'a/1' }, { item: 'a/2' });
    await answer({ item: 'a/2', right: false }, { item: 'b/1' });
    const progress = async () => (await ofGroup())[0]!.progress[0]!;
    expect(await progress()).toEqual(
      jasmine.objectContaining({ done: 3, of: 4, right: 4, doneAt: null }),
    );
    await answer({ item: 'a/2' });
    expect((await progress()).doneAt).not.toBeNull();
  });

  it('is done when a stage was timed so often, and tells how long it took', async () => {
    await set({ do: 'stage', stage: 'daisy', times: 2 });
    for (const time of [10, 14]) {
      const record = { kind: 'stage', stage: 'daisy', time, beganAt: soon() } as const;
      await here.learners[0]!.ask(
        'POST',
        '/api/log',
        aRecord({ ...record, splits: [], turns: '' }),
      );
    }
    const [{ progress }] = (await ofGroup()) as [Assignment];
    expect(progress[0]).toEqual(jasmine.objectContaining({ done: 2, of: 2, seconds: 12 }));
    expect(progress[1]).toEqual(jasmine.objectContaining({ done: 0, doneAt: null }));
  });

  it('may be said to be done by whoever it is for, and that may be taken back', async () => {
    const id = randomUUID();
    await set({ do: 'plan', times: 3 }, null, id);
    const say = (k: number, done: boolean) =>
      here.learners[k]!.ask('PUT', `/api/assignments/${id}/said`, { done });
    expect(assignmentSchema.parse((await say(0, true)).body).progress[0]).toEqual(
      jasmine.objectContaining({ said: true, done: 3 }),
    );
    expect((await own(1))[0]!.progress[0]!.doneAt).toBeNull();
    await say(0, false);
    expect((await own(0))[0]!.progress[0]!.doneAt).toBeNull();
    const stranger = here.app.somebody();
    await stranger.signUp('Vilde');
    const said = await stranger.ask('PUT', `/api/assignments/${id}/said`, { done: true });
    expect(said.status).toBe(404);
  });
});
