import { randomInt } from 'node:crypto';
import { accountNameSchema, nameKey } from '@sleetcrest/contract/accounts';
import type { AddLearners, CheckedNames, NameSlips } from '@sleetcrest/contract/table';
import { QueryTypes, type Sequelize } from 'sequelize';
import { phraseHashed } from '../accounts/service.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { WORDS } from './words.js';

/** Words of a phrase to begin with. */
const PHRASE_WORDS = 4;
/** Tries at a free name that is like a taken one. */
const MOST_ALIKE = 50;

const beginningPhrase = (): string =>
  Array.from({ length: PHRASE_WORDS }, () => WORDS[randomInt(WORDS.length)]!).join(' ');

/** Makes a whole class at once. */
export class RosterService {
  constructor(private readonly sequelize: Sequelize) {}

  /** Which names are taken, each with one like it that is free. */
  async check(names: readonly string[]): Promise<CheckedNames> {
    const taken: CheckedNames['taken'] = [];
    for (const name of names) {
      if ((await this.takenOf([name])).size === 0) continue;
      const alike = Array.from({ length: MOST_ALIKE }, (_, k) => `${name} ${k + 2}`).filter(
        (one) => accountNameSchema.safeParse(one).success,
      );
      const not = await this.takenOf(alike);
      const free = alike.find((one) => !not.has(nameKey(one)) && !names.includes(one));
      taken.push({ name, free: free ?? name });
    }
    return { taken };
  }

  /** Makes accounts that belong to a group, all or none; gives what each begins with. */
  async add(group: string, { learners }: AddLearners): Promise<NameSlips> {
    const keys = learners.map(({ name }) => nameKey(name));
    const twice = keys.findIndex((key, k) => keys.indexOf(key) < k);
    if (twice >= 0) throw refused(twice, `${learners[twice]!.name} is there twice`);
    const slips = await Promise.all(
      learners.map(async ({ id, name }) => {
        const phrase = beginningPhrase();
        return { id, name, phrase, hash: await phraseHashed(phrase) };
      }),
    );
    await this.sequelize.transaction(async (transaction) => {
      const ask = <T extends object>(sql: string, bind: unknown[]) =>
        this.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT, transaction });
      const [full] = await ask<{ count: number }>(
        'SELECT count(*)::int AS count FROM group_members WHERE group_id = $1',
        [group],
      );
      if (full!.count + learners.length > MOST_KEPT.learnersOfGroup) {
        throw new HttpProblem(
          409,
          `A group has at most ${MOST_KEPT.learnersOfGroup} learners; make another for the rest. Nobody was added.`,
        );
      }
      const made = await ask<{ id: string }>(
        `INSERT INTO accounts (id, role, name, name_key, phrase_hash, phrase_given)
         SELECT given.id, 'learner', given.name, given.key, given.hash, true
         FROM unnest($1::uuid[], $2::text[], $3::text[], $4::text[]) AS given (id, name, key, hash)
         ON CONFLICT DO NOTHING RETURNING id`,
        [
          slips.map(({ id }) => id),
          slips.map(({ name }) => name),
          keys,
          slips.map(({ hash }) => hash),
        ],
      );
      if (made.length < slips.length) {
        const there = new Set(made.map(({ id }) => id));
        const missing = slips.findIndex(({ id }) => !there.has(id));
        throw refused(missing, `${slips[missing]!.name} is taken here; add something to it`);
      }
      await ask(
        `INSERT INTO group_members (group_id, learner_id)
         SELECT $1, unnest($2::uuid[]) RETURNING learner_id`,
        [group, slips.map(({ id }) => id)],
      );
    });
    return { slips: slips.map(({ hash: _, ...slip }) => slip) };
  }

  private async takenOf(names: readonly string[]): Promise<Set<string>> {
    const rows = await this.sequelize.query<{ key: string }>(
      'SELECT name_key AS key FROM accounts WHERE name_key = ANY ($1)',
      { bind: [names.map(nameKey)], type: QueryTypes.SELECT },
    );
    return new Set(rows.map(({ key }) => key));
  }
}

function refused(at: number, message: string): HttpProblem {
  const path = `learners.${at}.name`;
  return new HttpProblem(409, `Nobody was added: ${message}.`, [{ path, message }]);
}
