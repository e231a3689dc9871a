import { randomUUID } from 'node:crypto';
import { groupListSchema, groupSchema, type Group } from '@sleetcrest/contract/accounts';
import { TestApp, type Answer, type Visitor } from '../app.spec-support.js';

describe('a group', () => {
  let app: TestApp;
  let coach: Visitor;
  let learner: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    [coach, learner] = [app.somebody(), app.somebody()];
    await coach.signUp('Runa', 'coach');
    await learner.signUp('Amalie');
  });
  afterEach(() => app.stop());

  const make = (id = randomUUID(), name = 'Thursday table'): Promise<Answer> =>
    coach.ask('POST', '/api/groups', { id, name });
  const of = async (visitor: Visitor): Promise<Group[]> =>
    groupListSchema.parse((await visitor.ask('GET', '/api/groups')).body).items;
  const join = (visitor: Visitor, code: string): Promise<Answer> =>
    visitor.ask('POST', '/api/groups/join', { code });

  it('is made once, however often it is asked for', async () => {
    const id = randomUUID();
    const [first, second] = [await make(id), await make(id)];
    expect(groupSchema.parse(second.body)).toEqual(groupSchema.parse(first.body));
    expect((await of(coach)).length).toBe(1);
    const other = app.somebody();
    await other.signUp('Nils', 'coach');
    const taken = await other.ask('POST', '/api/groups', { id, name: 'Mine' });
    expect(taken.status).toBe(409);
  });

  it('is joined by its code, as often as asked, however it is typed', async () => {
    const { code } = groupSchema.parse((await make()).body);
    expect((await join(learner, ` ${code!.toLowerCase()} `)).status).toBe(200);
    expect((await join(learner, code!)).status).toBe(200);
    const [seen] = await of(coach);
    expect(seen!.learners.map(({ name }) => name)).toEqual(['Amalie']);
    const [own] = await of(learner);
    expect([own!.coach.name, own!.code]).toEqual(['Runa', null]);
  });

  it('is joined by learners only, and by no code that is none', async () => {
    const { code } = groupSchema.parse((await make()).body);
    const other = app.somebody();
    await other.signUp('Nils', 'coach');
    expect((await join(other, code!)).status).toBe(404);
    expect((await join(learner, 'AAAAAAAA')).status).toBe(404);
    expect((await join(learner, 'not a code')).status).toBe(422);
    expect((await of(coach))[0]!.learners).toEqual([]);
  });

  it('is left by a learner, and dissolved by its coach; logs stay with their learners', async () => {
    const group = groupSchema.parse((await make()).body);
    await join(learner, group.code!);
    const [{ learners }] = (await of(coach)) as [Group];
    const leave = `/api/groups/${group.id}/learners/${learners[0]!.id}`;
    expect((await learner.ask('DELETE', leave)).status).toBe(204);
    expect((await coach.ask('GET', `/api/learners/${learners[0]!.id}/log`)).status).toBe(404);
    await join(learner, group.code!);
    expect((await coach.ask('GET', `/api/learners/${learners[0]!.id}/log`)).status).toBe(200);
    expect((await coach.ask('DELETE', `/api/groups/${group.id}`)).status).toBe(204);
    expect([await of(coach), await of(learner)]).toEqual([[], []]);
    expect((await coach.ask('GET', `/api/learners/${learners[0]!.id}/log`)).status).toBe(404);
    expect((await learner.ask('GET', '/api/log')).status).toBe(200);
  });
});
