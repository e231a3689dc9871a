import { randomUUID } from 'node:crypto';
import { problemSchema } from '@sleetcrest/contract';
import { groupListSchema, invitationSchema, sessionSchema } from '@sleetcrest/contract/accounts';
import {
  checkedNamesSchema,
  MOST_AT_ONCE,
  slipsSchema,
  type NameSlips,
} from '@sleetcrest/contract/table';
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
    expect((await move(other)).status).toBe(204);
    const { body } = await here.coach.ask('GET', '/api/groups');
    const groups = groupListSchema.parse(body).items;
    expect(groups.map(({ name, learners }) => [name, learners.length])).toEqual([
      ['Saturday', 1],
      ['Thursday', 0],
    ]);
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
