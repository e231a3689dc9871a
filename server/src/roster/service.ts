import { accountNameSchema, nameKey } from '@sleetcrest/contract/accounts';
import type { AddLearners, CheckedNames, NameSlips } from '@sleetcrest/contract/table';
import { verify } from '@node-rs/argon2';
import type { Sequelize, Transaction } from 'sequelize';
import type { Secrets } from '../accounts/secrets.js';
import { phraseHashed } from '../accounts/service.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { tellRights } from '../database/notices.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { addToGroup, madeAccounts, takenAmong } from './queries.js';
import { WORDS } from './words.js';
import { SAY } from './said.js';

/** Words of a phrase to begin with. */
const PHRASE_WORDS = 4;
/** Names like a taken one that are looked at for a free one. */
const MOST_ALIKE = 50;

interface Slip {
  id: string;
  name: string;
  phrase: string;
}

/** Makes a whole class at once. */
export class RosterService {
  private readonly models: Models;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly secrets: Secrets,
  ) {
    this.models = modelsOf(sequelize);
  }

  /** Which names are taken, each with one like it that is free: asked in one question, however many. */
  async check(names: readonly string[]): Promise<CheckedNames> {
    const alike = new Map(names.map((name) => [name, likeIt(name)]));
    const asked = [...names, ...[...alike.values()].flat()];
    const taken = await takenAmong(this.sequelize, asked.map(nameKey));
    const given = new Set(names.map(nameKey));
    return {
      taken: names
        .filter((name) => taken.has(nameKey(name)))
        .map((name) => {
          const free = alike.get(name)!.find((one) => {
            const key = nameKey(one);
            return !taken.has(key) && !given.has(key);
          });
          if (free !== undefined) given.add(nameKey(free));
          return { name, free: free ?? name };
        }),
    };
  }

  /**
   * Makes accounts that belong to a group, all or none; gives what each begins with. Sent again, as where the
   * answer was lost, it makes nobody twice and tells the same: a phrase follows from who it is for, the group
   * and a secret, as long as they have not chosen another.
   */
  async add(group: string, { learners }: AddLearners): Promise<NameSlips> {
    const keys = learners.map(({ name }) => nameKey(name));
    const twice = keys.findIndex((key, k) => keys.indexOf(key) < k);
    if (twice >= 0) throw refused(twice, SAY.twice({ name: learners[twice]!.name }));
    const slips = await Promise.all(
      learners.map(async ({ id, name }) => ({ id, name, phrase: await this.phraseFor(group, id) })),
    );
    const hashes = await Promise.all(slips.map(({ phrase }) => phraseHashed(phrase)));
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      // Two lists for one group come in one after the other.
      await this.models.groups.findByPk(group, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
      const made = new Set(await madeAccounts(this.sequelize, group, slips, hashes, whole));
      if (made.size < slips.length) await this.refuseOthers(group, slips, made, whole);
      await addToGroup(this.sequelize, group, [...made], whole);
      const count = await this.models.members.count({ where: { groupId: group }, ...at });
      if (count > MOST_KEPT.learnersOfGroup) {
        throw new HttpProblem(409, SAY.tooMany({ most: MOST_KEPT.learnersOfGroup }));
      }
      tellRights(whole, [...made], group);
    });
    return { slips };
  }

  /** Goes on where those who are there already are the same, made by this very list before. */
  private async refuseOthers(
    group: string,
    slips: readonly Slip[],
    made: ReadonlySet<string>,
    whole: Transaction,
  ): Promise<void> {
    const rows = await this.models.accounts.findAll({
      where: { id: slips.map(({ id }) => id) },
      transaction: whole,
    });
    const there = new Map(rows.map((row) => [row.id, row]));
    for (const [k, { id, name, phrase }] of slips.entries()) {
      if (made.has(id)) continue;
      const row = there.get(id);
      if (row?.madeIn !== group || row.nameKey !== nameKey(name)) {
        throw refused(k, SAY.nameTaken({ name }));
      }
      if (!row.phraseGiven || !(await verify(row.phraseHash!, phrase))) {
        throw refused(k, SAY.otherPhrase({ name }));
      }
    }
  }

  private async phraseFor(group: string, id: string): Promise<string> {
    const bytes = await this.secrets.bytesFor(`slip ${group} ${id}`);
    return Array.from(
      { length: PHRASE_WORDS },
      (_, k) => WORDS[bytes.readUInt32BE(k * 4) % WORDS.length]!,
    ).join(' ');
  }
}

const likeIt = (name: string): string[] =>
  Array.from({ length: MOST_ALIKE }, (_, k) => `${name} ${k + 2}`).filter(
    (one) => accountNameSchema.safeParse(one).success,
  );

function refused(at: number, message: string): HttpProblem {
  const path = `learners.${at}.name`;
  return new HttpProblem(409, SAY.nobodyAdded({ why: message }), [{ path, message }]);
}
