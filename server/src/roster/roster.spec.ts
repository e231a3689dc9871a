import { randomUUID } from 'node:crypto';
import { problemSchema } from '@sleetcrest/contract';
import {
  groupListSchema,
  groupSchema,
  invitationSchema,
  movesSchema,
  sessionSchema,
} from '@sleetcrest/contract/accounts';
import {
  checkedNamesSchema,
  MOST_AT_ONCE,
  slipsSchema,
  type NameSlips,
} from '@sleetcrest/contract/table';
import type { Visitor } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';
import { WORDS } from './words.js';

describe('a whole class at once', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start('Amalie')));
  afterEach(() => here.app.stop());

  const add = (...names: string[]) =>
    here.coach.ask('POST', `${here.at}/roster`, {
      learners: names.map((name) => ({ id: randomUUID(), name })),
    });
  const slips = async (...names: string[]): Promise<NameSlips['slips']> =>
    slipsSchema.parse((await add(...names)).body).slips;
  const names = async (): Promise<string[]> => {
    const { body } = await here.coach.ask('GET', '/api/groups');
    return groupListSchema.parse(body).items[0]!.learners.map(({ name }) => name);
  };

  it('is made with a phrase of four easy words each, which must be changed before anything else', async () => {
    const [slip] = await slips('Teo', 'Odd');
    expect(await names()).toEqual(['Amalie', 'Odd', 'Teo']);
    expect(slip!.phrase.split(' ').length).toBe(4);
    const teo = here.app.somebody();
    const signed = await teo.ask('POST', '/api/session', { name: 'Teo', phrase: slip!.phrase });
    expect(sessionSchema.parse(signed.body).begins).toBeTrue();
    expect((await teo.ask('GET', '/api/log')).status).toBe(403);
    expect((await teo.ask('PATCH', '/api/account', { name: 'Theo' })).status).toBe(403);
    const phrase = { now: slip!.phrase, next: 'my own three words' };
    const changed = await teo.ask('PATCH', '/api/account', { phrase });
    expect(sessionSchema.parse(changed.body).begins).toBeUndefined();
    expect((await teo.ask('GET', '/api/log')).status).toBe(200);
    const again = sessionSchema.parse((await teo.ask('GET', '/api/session')).body);
    expect([again.account?.name, again.begins]).toEqual(['Teo', undefined]);
  });

  it('has words enough not to be guessed, all different and easy to type', () => {
    expect(new Set(WORDS).size).toBe(WORDS.length);
    expect(Math.log2(WORDS.length) * 4).toBeGreaterThan(32);
    for (const word of WORDS) expect(word).toMatch(/^[a-z]{2,9}$/);
  });

  it('adds nobody where one name is taken, there twice or wrong, and says which', async () => {
    for (const [given, at] of [
      [['Teo', 'AMALIE'], 'learners.1.name'],
      [['Teo', 'Odd', 'teo'], 'learners.2.name'],
      [['Teo', ''], 'learners.1.name'],
    ] as const) {
      const { status, body } = await add(...given);
      expect([409, 422]).toContain(status);
      expect(problemSchema.parse(body).errors?.[0]?.path).toBe(at);
    }
    expect(
      (await add(...Array.from({ length: MOST_AT_ONCE + 1 }, (_, k) => `N ${k}`))).status,
    ).toBe(422);
    expect(await names()).toEqual(['Amalie']);
  });

  it('says beforehand which names are taken, and what is free instead', async () => {
    await slips('Amalie 2');
    const { body } = await here.coach.ask('POST', `${here.at}/roster/check`, {
      names: ['amalie', 'Teo'],
    });
    expect(checkedNamesSchema.parse(body).taken).toEqual([{ name: 'amalie', free: 'amalie 3' }]);
  });

  it('is made once when the list is sent twice, and a lost answer loses no phrase', async () => {
    const learners = ['Kari', 'Liv'].map((name) => ({ id: randomUUID(), name }));
    const send = () => here.coach.ask('POST', `${here.at}/roster`, { learners });
    const [one, two] = await Promise.all([send(), send()]);
    const again = await send();
    expect([one.status, two.status, again.status]).toEqual([201, 201, 201]);
    expect(two.body).toEqual(one.body);
    expect(again.body).toEqual(one.body);
    const { slips: told } = slipsSchema.parse(one.body);
    const kari = here.app.somebody();
    const { name, phrase } = told[0]!;
    expect((await kari.ask('POST', '/api/session', { name, phrase })).status).toBe(200);
    // Another than the one that was given is to be chosen.
    const choose = (next: string) =>
      kari.ask('PATCH', '/api/account', { phrase: { now: phrase, next } });
    expect((await choose(phrase)).status).toBe(422);
    expect((await choose('a phrase of my own')).status).toBe(200);
    // Who has chosen one is not told again what they were given, and nobody is added twice.
    expect((await send()).status).toBe(409);
    const taken = { id: told[1]!.id, name: 'Somebody else' };
    const other = await here.coach.ask('POST', `${here.at}/roster`, { learners: [taken] });
    expect(other.status).toBe(409);
  });

  it('gets a new phrase only while they have none of their own, and by whoever may', async () => {
    const [slip] = await slips('Mio');
    const set = (who: Visitor, learner: string, phrase: string) =>
      who.ask('POST', `/api/learners/${learner}/phrase`, { phrase });
    const [helper, helga] = [here.app.somebody(), here.app.somebody()];
    for (const [who, name, rights] of [
      [helper, 'Trine', ['roster', 'plan', 'answer']],
      [helga, 'Helga', ['phrase']],
    ] as const) {
      await who.signUp(name, 'coach');
      const asked = await here.coach.ask('POST', `${here.at}/assistants`, { rights });
      const { code } = invitationSchema.parse(asked.body);
      await who.ask('POST', '/api/groups/join', { code });
    }
    expect((await set(helper, slip!.id, 'a phrase by a helper')).status).toBe(404);
    expect((await set(helga, slip!.id, 'a phrase by helga')).status).toBe(204);
    expect((await set(here.coach, slip!.id, 'a phrase by runa')).status).toBe(204);
    const mio = here.app.somebody();
    const given = { name: 'Mio', phrase: 'a phrase by runa' };
    expect((await mio.ask('POST', '/api/session', given)).status).toBe(200);
    const change = { now: given.phrase, next: 'my own phrase now' };
    expect((await mio.ask('PATCH', '/api/account', { phrase: change })).status).toBe(200);
    expect((await set(here.coach, slip!.id, 'a phrase by runa')).status).toBe(409);
    // Whoever signed up themselves is nobody's to give a phrase to.
    expect((await set(here.coach, here.accounts[0]!.id, 'a phrase by runa')).status).toBe(404);
  });

  it('is moved to another group of the same coach, and to no one else’s', async () => {
    const [learner] = here.accounts;
    const other = randomUUID();
    await here.coach.ask('POST', '/api/groups', { id: other, name: 'Saturday' });
    const nils = here.app.somebody();
    await nils.signUp('Nils', 'coach');
    const strange = randomUUID();
    await nils.ask('POST', '/api/groups', { id: strange, name: 'Elsewhere' });
    const move = (to: string) =>
      here.coach.ask('POST', `${here.at}/learners/${learner!.id}/move`, { to });
    expect((await move(strange)).status).toBe(404);
    expect((await move(other)).body).toEqual({ moved: true });
    const { body } = await here.coach.ask('GET', '/api/groups');
    const groups = groupListSchema.parse(body).items;
    expect(groups.map(({ name, learners }) => [name, learners.length])).toEqual([
      ['Saturday', 1],
      ['Thursday', 0],
    ]);
  });

  it('is asked before they move to another coach’s group, by whoever may take them out and in', async () => {
    const [learner] = here.accounts;
    const nils = here.app.somebody();
    await nils.signUp('Nils', 'coach');
    const elsewhere = randomUUID();
    await nils.ask('POST', '/api/groups', { id: elsewhere, name: 'Elsewhere' });
    const rights = ['roster'];
    const asked = await nils.ask('POST', `/api/groups/${elsewhere}/assistants`, { rights });
    const { code } = invitationSchema.parse(asked.body);
    await here.coach.ask('POST', '/api/groups/join', { code });
    const move = () =>
      here.coach.ask('POST', `${here.at}/learners/${learner!.id}/move`, { to: elsewhere });
    const moves = async () =>
      movesSchema.parse((await here.learners[0]!.ask('GET', '/api/moves')).body).items;
    const names = async () =>
      groupListSchema
        .parse((await here.learners[0]!.ask('GET', '/api/groups')).body)
        .items.map(({ name }) => name);
    expect((await move()).body).toEqual({ moved: false });
    expect(await moves()).toEqual([
      { to: { id: elsewhere, name: 'Elsewhere' }, coach: 'Nils', from: 'Thursday' },
    ]);
    expect(await names()).toEqual(['Thursday']);
    // Refused, it is as if it had not been asked.
    expect((await here.learners[0]!.ask('DELETE', `/api/moves/${elsewhere}`)).status).toBe(204);
    expect(await moves()).toEqual([]);
    await move();
    expect((await here.coach.ask('POST', `/api/moves/${elsewhere}`)).status).toBe(404);
    expect((await here.learners[0]!.ask('POST', `/api/moves/${elsewhere}`)).status).toBeLessThan(
      300,
    );
    expect(await names()).toEqual(['Elsewhere']);
  });

  it('does not come back by the code they had, once they were taken out', async () => {
    const [learner] = here.accounts;
    const join = (code: string | null) =>
      here.learners[0]!.ask('POST', '/api/groups/join', { code });
    const out = `${here.at}/learners/${learner!.id}`;
    expect((await here.coach.ask('DELETE', out)).status).toBe(204);
    expect((await join(here.group.code)).status).toBe(403);
    const other = groupSchema.parse((await here.coach.ask('POST', `${here.at}/code`)).body);
    expect((await join(other.code)).status).toBe(200);
  });

  it('is helped with by another coach, by a code that is good once, as far as was said', async () => {
    const helga = here.app.somebody();
    await helga.signUp('Helga', 'coach');
    const asked = await here.coach.ask('POST', `${here.at}/assistants`, { rights: ['plan'] });
    const { code, rights } = invitationSchema.parse(asked.body);
    expect(rights).toEqual(['see', 'plan']);
    expect((await helga.ask('POST', '/api/groups/join', { code })).status).toBe(200);
    const again = here.app.somebody();
    await again.signUp('Vilde', 'coach');
    expect((await again.ask('POST', '/api/groups/join', { code })).status).toBe(404);
    const [group] = groupListSchema.parse((await helga.ask('GET', '/api/groups')).body).items;
    expect([group!.rights, group!.code, group!.learners.length]).toEqual([
      ['see', 'plan'],
      null,
      1,
    ]);
    const out = `${here.at}/assistants/${group!.assistants[0]!.id}`;
    expect((await helga.ask('GET', `${here.at}/plans`)).status).toBe(200);
    expect((await here.coach.ask('DELETE', out)).status).toBe(204);
    expect((await helga.ask('GET', `${here.at}/plans`)).status).toBe(404);
  });

  it('is put away at the end of a season and brought back; while away nobody is looked at', async () => {
    const change = (archived: boolean) => here.coach.ask('PATCH', here.at, { archived });
    const log = `/api/learners/${here.accounts[0]!.id}/log`;
    expect((await change(true)).status).toBe(200);
    expect((await here.coach.ask('GET', log)).status).toBe(404);
    expect((await here.coach.ask('GET', `${here.at}/plans`)).status).toBe(409);
    const own = groupListSchema.parse((await here.learners[0]!.ask('GET', '/api/groups')).body);
    expect(own.items).toEqual([]);
    expect((await here.coach.ask('GET', `${here.at}/export`)).status).toBe(200);
    expect((await change(false)).status).toBe(200);
    expect((await here.coach.ask('GET', log)).status).toBe(200);
  });
});
