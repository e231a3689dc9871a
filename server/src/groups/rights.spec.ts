import { randomUUID } from 'node:crypto';
import { groupSchema, RIGHTS, type Account, type Right } from '@sleetcrest/contract/accounts';
import { AGroup } from './group.spec-support.js';
import { GroupRights } from './rights.js';

/** Every choice of rights, none and all too. */
const choices: Right[][] = Array.from({ length: 1 << RIGHTS.length }, (_, bits) =>
  RIGHTS.filter((__, k) => (bits >> k) & 1),
);

describe('what somebody may do in a group', () => {
  let here: AGroup;
  let rights: GroupRights;
  let coach: Account;
  let helper: Account;
  let stranger: Account;
  beforeAll(async () => {
    here = await AGroup.start('Amalie');
    rights = new GroupRights(here.app.database.sequelize);
    coach = here.group.coach as Account;
    helper = await here.app.somebody().signUp('Helga', 'coach');
    stranger = await here.app.somebody().signUp('Nils', 'coach');
  });
  afterAll(() => here.app.stop());

  const run = (sql: string, ...bind: unknown[]) => here.app.database.sequelize.query(sql, { bind });
  /** Gives an assistant exactly these rights. */
  const give = (to: Account, some: readonly Right[]) =>
    run(
      `INSERT INTO group_assistants (group_id, coach_id, rights) VALUES ($1, $2, $3)
       ON CONFLICT (group_id, coach_id) DO UPDATE SET rights = excluded.rights`,
      here.group.id,
      to.id,
      some,
    );
  const putAway = (is: boolean) =>
    run(
      'UPDATE groups SET archived_at = CASE WHEN $2 THEN now() END WHERE id = $1',
      here.group.id,
      is,
    );
  const learner = (): string => here.accounts[0]!.id;

  it('is all for its coach, nothing for a stranger, and no right for a learner', async () => {
    const [own, theirs, hers] = await Promise.all(
      [coach.id, stranger.id, learner()].map((id) => rights.inGroup(id, here.group.id)),
    );
    expect(own).toEqual({ is: 'coach', rights: RIGHTS, archived: false, belongs: true });
    expect([theirs!.is, theirs!.rights]).toEqual(['nobody', []]);
    expect([hers!.is, hers!.rights]).toEqual(['learner', []]);
    expect((await rights.inGroup(coach.id, randomUUID())).is).toBe('nobody');
  });

  it('is for an assistant what was given, and nothing else, of the group and its learners', async () => {
    for (const some of choices) {
      await give(helper, some);
      const { is, rights: has } = await rights.inGroup(helper.id, here.group.id);
      expect([is, [...has].sort()]).toEqual(['assistant', [...some].sort()]);
      for (const right of RIGHTS) {
        expect(await rights.mayWith(helper.id, learner(), right))
          .withContext(`${some.join()}: ${right}`)
          .toBe(some.includes(right));
        expect(await rights.mayWith(coach.id, learner(), right)).toBeTrue();
        expect(await rights.mayWith(stranger.id, learner(), right)).toBeFalse();
        expect(await rights.mayWith(learner(), learner(), right)).toBeFalse();
      }
    }
  });

  it('is for nobody but its coach once it is put away, who may then only look at what it was', async () => {
    await give(helper, RIGHTS);
    await putAway(true);
    expect(await rights.inGroup(coach.id, here.group.id)).toEqual({
      is: 'coach',
      rights: RIGHTS,
      archived: true,
      belongs: true,
    });
    for (const id of [helper.id, learner(), stranger.id]) {
      expect((await rights.inGroup(id, here.group.id)).is).toBe('nobody');
    }
    for (const right of RIGHTS) {
      expect(await rights.mayWith(coach.id, learner(), right)).toBeFalse();
    }
    await putAway(false);
    expect((await rights.inGroup(helper.id, here.group.id)).is).toBe('assistant');
  });

  it('is the same of the session that a group holds, while it holds it', async () => {
    await give(helper, ['see']);
    const live = randomUUID();
    await here.coach.ask('POST', `${here.at}/live`, { id: live });
    for (const id of [coach.id, helper.id, learner(), stranger.id]) {
      expect(await rights.inLive(id, live)).toEqual(await rights.inGroup(id, here.group.id));
    }
    expect(await rights.sitsAt(learner(), live)).toBeFalse();
    await here.learners[0]!.ask('POST', `${here.at}/live/join`, {});
    expect(await rights.sitsAt(learner(), live)).toBeTrue();
    // Whoever teaches does not sit there by that.
    expect(await rights.sitsAt(coach.id, live)).toBeFalse();
    await here.coach.ask('DELETE', `/api/live/${live}`);
    expect((await rights.inLive(coach.id, live)).is).toBe('nobody');
    expect(await rights.sitsAt(learner(), live)).toBeFalse();
  });

  it('is over with a learner at the moment they leave', async () => {
    const odd = here.app.somebody();
    const { id } = await odd.signUp('Odd');
    const groups = await here.coach.ask('GET', '/api/groups');
    const { items } = groups.body as { items: unknown[] };
    await odd.ask('POST', '/api/groups/join', { code: groupSchema.parse(items[0]).code });
    expect(await rights.mayWith(coach.id, id, 'see')).toBeTrue();
    await odd.ask('DELETE', `${here.at}/learners/${id}`);
    expect(await rights.mayWith(coach.id, id, 'see')).toBeFalse();
    expect((await rights.inGroup(id, here.group.id)).is).toBe('nobody');
  });
});
