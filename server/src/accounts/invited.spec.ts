import {
  coachInvitationsSchema,
  leavingSchema,
  sessionSchema,
  signedInSchema,
} from '@sleetcrest/contract/accounts';
import { randomUUID } from 'node:crypto';
import { PHRASE, TestApp } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';

describe('coaches, where they come by invitation', () => {
  let app: TestApp;
  beforeEach(async () => (app = await TestApp.start({ coaches: 'invited' })));
  afterEach(() => app.stop());

  const signUp = (name: string, role: string, invitation?: string) =>
    app.somebody().ask('POST', '/api/accounts', {
      name,
      phrase: PHRASE,
      role,
      ...(invitation === undefined ? {} : { invitation }),
    });

  it('sign up by a code that is good once; the first of all, and learners, without one', async () => {
    const runa = app.somebody();
    await runa.signUp('Runa', 'coach');
    expect((await signUp('Teo', 'learner')).status).toBe(201);
    expect((await signUp('Nils', 'coach')).status).toBe(403);
    expect((await signUp('Nils', 'coach', 'AAAAAAAA')).status).toBe(403);
    const invite = async () =>
      coachInvitationsSchema.parse((await runa.ask('POST', '/api/coach-invitations')).body).items;
    const [first] = await invite();
    // A name that is taken does not use it up.
    expect((await signUp('Teo', 'coach', first!.code)).status).toBe(409);
    expect((await signUp('Nils', 'coach', first!.code)).status).toBe(201);
    expect((await signUp('Helga', 'coach', first!.code)).status).toBe(403);
    const [other] = await invite();
    expect((await runa.ask('DELETE', `/api/coach-invitations/${other!.code}`)).status).toBe(204);
    expect((await signUp('Helga', 'coach', other!.code)).status).toBe(403);
    const { body } = await runa.ask('GET', '/api/coach-invitations');
    expect(coachInvitationsSchema.parse(body).items).toEqual([]);
  });

  it('are told of to a page that knows how to ask for a code, and to no other', async () => {
    const told = async (headers: Record<string, string>) =>
      sessionSchema.parse(
        (await app.somebody().ask('GET', '/api/session', undefined, headers)).body,
      ).coaches;
    expect(await told({ 'x-sleetcrest-reads': 'loosely' })).toBe('invited');
    expect(await told({})).toBeUndefined();
  });
});

describe('where somebody is signed in', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start('Amalie')));
  afterEach(() => here.app.stop());

  it('is told to them, and ended one by one, on no one else’s word', async () => {
    const phone = here.app.somebody();
    await phone.ask('POST', '/api/session', { name: 'Amalie', phrase: PHRASE });
    const list = async () =>
      signedInSchema.parse((await phone.ask('GET', '/api/account/sessions')).body).items;
    const [all, other] = [await list(), (await list()).find((one) => !one.here)];
    expect([all.length, all.filter((one) => one.here).length]).toEqual([2, 1]);
    await here.coach.ask('DELETE', `/api/account/sessions/${other!.id}`);
    expect((await list()).length).toBe(2);
    expect((await phone.ask('DELETE', `/api/account/sessions/${other!.id}`)).status).toBe(204);
    expect((await list()).map((one) => one.here)).toEqual([true]);
    expect((await here.learners[0]!.ask('GET', '/api/settings')).status).toBe(401);
  });

  it('is told, before an account goes, what of others’ goes with it', async () => {
    const set = { id: randomUUID(), task: { do: 'plan', times: 1 }, note: '', until: null };
    await here.coach.ask('POST', `${here.at}/assignments`, { ...set, for: null });
    const leaving = async (who = here.coach) =>
      leavingSchema.parse((await who.ask('GET', '/api/account/leaving')).body);
    expect(await leaving()).toEqual({
      groups: 1,
      learners: 1,
      plans: 0,
      assignments: 1,
      work: 0,
      notes: 0,
    });
    expect((await leaving(here.learners[0])).groups).toBe(0);
  });
});
