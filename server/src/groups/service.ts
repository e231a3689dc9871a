import { randomInt } from 'node:crypto';
import {
  CODE_LETTERS,
  RIGHTS,
  type Account,
  type ChangeGroup,
  type CreateGroup,
  type Group,
  type Invitation,
  type Member,
  type Right,
} from '@sleetcrest/contract/accounts';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';

interface Row extends Pick<Group, 'id' | 'name' | 'method' | 'firstColour' | 'zone'> {
  code: string;
  coach_id: string;
  coach_name: string;
  archived_at: Date | null;
  learners: Member[];
  assistants: (Member & { rights: Right[] })[];
}

/** Letters and digits that are not mixed up, by chance. */
export const newCode = (letters: number): string =>
  Array.from({ length: letters }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]!).join('');

/** Hours for which an assistant's code is good. */
const INVITED = 72;

/** The groups coaches have; learners and assistants join by a code. */
export class GroupService {
  constructor(private readonly sequelize: Sequelize) {}

  /** A coach's own groups, those they help with, and those a learner belongs to, by name. */
  async list(account: Account): Promise<Group[]> {
    return this.groups(
      `WHERE groups.coach_id = $1 OR (archived_at IS NULL AND (
         groups.id IN (SELECT group_id FROM group_members WHERE learner_id = $1)
         OR groups.id IN (SELECT group_id FROM group_assistants WHERE coach_id = $1)))`,
      account,
    );
  }

  /** One of them. */
  async one(account: Account, id: string, transaction?: Transaction): Promise<Group> {
    const [group] = await this.groups(
      'WHERE groups.id = $2 AND $1::uuid IS NOT NULL',
      account,
      id,
      transaction,
    );
    if (!group) throw notYours();
    return group;
  }

  /** Makes a group; sent again with the same id it is the same group. */
  async create(
    coach: Account,
    { id, name }: CreateGroup,
    transaction?: Transaction,
  ): Promise<Group> {
    const [own] = await this.sequelize.query<{ others: number }>(
      'SELECT count(*)::int AS others FROM groups WHERE coach_id = $1 AND id <> $2',
      { bind: [coach.id, id], type: QueryTypes.SELECT, ...inside(transaction) },
    );
    if (own!.others >= MOST_KEPT.groups) throw noRoom('groups', MOST_KEPT.groups);
    await this.sequelize.query(
      `INSERT INTO groups (id, coach_id, name, code) VALUES ($1, $2, $3, $4)
       ON CONFLICT (id) DO NOTHING`,
      { bind: [id, coach.id, name, newCode(8)], ...inside(transaction) },
    );
    const where = 'WHERE groups.id = $2 AND groups.coach_id = $1';
    const [group] = await this.groups(where, coach, id, transaction);
    if (!group) throw new HttpProblem(409, 'Another group has this id; make a new id.');
    return group;
  }

  /** Changes a group's name, how it learns and where it meets; or archives it, or brings it back. */
  async change(
    coach: Account,
    id: string,
    { name, method, firstColour, zone, archived }: ChangeGroup,
    transaction?: Transaction,
  ): Promise<Group> {
    await this.sequelize.query(
      `UPDATE groups SET name = coalesce($2, name), method = coalesce($3::jsonb, method),
         first_colour = coalesce($4, first_colour), zone = coalesce($5, zone),
         archived_at = CASE WHEN $6::boolean IS NULL THEN archived_at
           WHEN $6 THEN coalesce(archived_at, now()) END
       WHERE id = $1`,
      {
        bind: [
          ...[id, name ?? null, method === undefined ? null : JSON.stringify(method)],
          ...[firstColour ?? null, zone ?? null, archived ?? null],
        ],
        ...inside(transaction),
      },
    );
    if (archived) {
      // A session that is being held ends with it.
      await this.sequelize.query('DELETE FROM live_sessions WHERE group_id = $1', {
        bind: [id],
        ...inside(transaction),
      });
    }
    return this.one(coach, id, transaction);
  }

  /** Joins a learner to a group, or a coach who was asked to help: whoever teaches it sees their log. */
  async join(account: Account, code: string, transaction?: Transaction): Promise<Group> {
    if (account.role === 'coach') return this.help(account, code);
    const [found] = await this.sequelize.query<{ id: string; others: number }>(
      `SELECT id, (SELECT count(*)::int FROM group_members
         WHERE group_id = id AND learner_id <> $2) AS others
       FROM groups WHERE code = $1 AND archived_at IS NULL`,
      { bind: [code, account.id], type: QueryTypes.SELECT, ...inside(transaction) },
    );
    if (!found) throw new HttpProblem(404, 'No group has this code; ask your coach for it.');
    if (found.others >= MOST_KEPT.learnersOfGroup) {
      throw new HttpProblem(409, 'This group is full; ask your coach for the code of another.');
    }
    await this.sequelize.query(
      `INSERT INTO group_members (group_id, learner_id) VALUES ($1, $2) ON CONFLICT DO NOTHING`,
      { bind: [found.id, account.id], ...inside(transaction) },
    );
    return this.one(account, found.id, transaction);
  }

  /** Asks another coach to help: a code that is good once, for three days. */
  async invite(group: string, rights: readonly Right[]): Promise<Invitation> {
    const [row] = await this.sequelize.query<{ code: string; expires_at: Date }>(
      `INSERT INTO group_invitations (code, group_id, rights, expires_at)
       VALUES ($1, $2, $3, now() + interval '${INVITED} hours') RETURNING code, expires_at`,
      { bind: [newCode(8), group, rights], type: QueryTypes.SELECT },
    );
    return { code: row!.code, rights: [...rights], until: row!.expires_at.toISOString() };
  }

  /** A coach who was asked takes the code up. */
  private async help(coach: Account, code: string): Promise<Group> {
    return this.sequelize.transaction(async (transaction) => {
      const [asked] = await this.sequelize.query<{ group_id: string; rights: Right[] }>(
        `DELETE FROM group_invitations USING groups
         WHERE group_invitations.code = $1 AND expires_at > now() AND groups.id = group_id
           AND archived_at IS NULL AND groups.coach_id <> $2
         RETURNING group_id, rights`,
        { bind: [code, coach.id], type: QueryTypes.SELECT, transaction },
      );
      if (!asked) {
        throw new HttpProblem(
          404,
          'No coach asked for help by this code, or it is used up; learners’ codes are for learners.',
        );
      }
      await this.sequelize.query(
        `INSERT INTO group_assistants (group_id, coach_id, rights) VALUES ($1, $2, $3)
         ON CONFLICT (group_id, coach_id) DO UPDATE SET rights = excluded.rights`,
        { bind: [asked.group_id, coach.id, asked.rights], transaction },
      );
      return this.one(coach, asked.group_id, transaction);
    });
  }

  /** Takes an assistant out: the coach may, and the assistant. */
  async endHelp(account: Account, id: string, coach: string): Promise<void> {
    const removed = await this.sequelize.query(
      `DELETE FROM group_assistants USING groups
       WHERE groups.id = group_id AND group_id = $1 AND group_assistants.coach_id = $2
         AND (groups.coach_id = $3 OR group_assistants.coach_id = $3)
       RETURNING group_id`,
      { bind: [id, coach, account.id], type: QueryTypes.SELECT },
    );
    if (removed.length === 0)
      throw new HttpProblem(404, 'No such coach helps in a group of yours.');
  }

  async remove(coach: Account, id: string): Promise<void> {
    const removed = await this.sequelize.query(
      'DELETE FROM groups WHERE id = $1 AND coach_id = $2 RETURNING id',
      { bind: [id, coach.id], type: QueryTypes.SELECT },
    );
    if (removed.length === 0) throw notYours();
  }

  /** Takes a learner out of a group: the learner may, and whoever may change who belongs to it. */
  async leave(account: Account, id: string, learner: string): Promise<void> {
    const removed = await this.sequelize.query(
      `DELETE FROM group_members USING groups
       WHERE groups.id = group_id AND group_id = $1 AND learner_id = $2
         AND (groups.coach_id = $3 OR learner_id = $3 OR EXISTS (
           SELECT FROM group_assistants assistant WHERE assistant.group_id = groups.id
             AND assistant.coach_id = $3 AND 'roster' = ANY (rights)))
       RETURNING group_id`,
      { bind: [id, learner, account.id], type: QueryTypes.SELECT },
    );
    if (removed.length === 0) {
      throw new HttpProblem(404, 'No such learner is in a group of yours.');
    }
  }

  /** Moves a learner to another group; both are the same coach's, or both have let this one do it. */
  async move(from: string, learner: string, to: string): Promise<void> {
    const moved = await this.sequelize.query(
      `WITH gone AS (
         DELETE FROM group_members WHERE group_id = $1 AND learner_id = $2 RETURNING learner_id)
       INSERT INTO group_members (group_id, learner_id) SELECT $3, learner_id FROM gone
       ON CONFLICT (group_id, learner_id) DO UPDATE SET joined_at = group_members.joined_at
       RETURNING learner_id`,
      { bind: [from, learner, to], type: QueryTypes.SELECT },
    );
    if (moved.length === 0) throw new HttpProblem(404, 'No such learner is in this group.');
  }

  private async groups(
    where: string,
    account: Account,
    id?: string,
    transaction?: Transaction,
  ): Promise<Group[]> {
    const rows = await this.sequelize.query<Row>(
      `SELECT groups.id, groups.name, groups.code, coach_id, coach.name AS coach_name, method,
         first_colour AS "firstColour", zone, archived_at,
         (SELECT coalesce(jsonb_agg(jsonb_build_object('id', learner.id, 'name', learner.name)
             ORDER BY learner.name), '[]')
           FROM group_members JOIN accounts learner ON learner.id = learner_id
           WHERE group_id = groups.id) AS learners,
         (SELECT coalesce(jsonb_agg(jsonb_build_object('id', helper.id, 'name', helper.name,
             'rights', rights) ORDER BY helper.name), '[]')
           FROM group_assistants assistant JOIN accounts helper ON helper.id = assistant.coach_id
           WHERE group_id = groups.id) AS assistants
       FROM groups JOIN accounts coach ON coach.id = coach_id
       ${where}
       ORDER BY groups.name, groups.id`,
      {
        bind: id === undefined ? [account.id] : [account.id, id],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return rows.map((row) => seenBy(account.id, row));
  }
}

/** A group as somebody is told of it: learners are told their coach, not each other. */
function seenBy(account: string, row: Row): Group {
  const assistant = row.assistants.find(({ id }) => id === account);
  const rights = row.coach_id === account ? [...RIGHTS] : (assistant?.rights ?? []);
  const teaches = rights.length > 0;
  return {
    ...{ id: row.id, name: row.name, method: row.method, firstColour: row.firstColour },
    ...{ zone: row.zone, archivedAt: row.archived_at?.toISOString() ?? null, rights },
    coach: { id: row.coach_id, name: row.coach_name },
    code: rights.includes('roster') ? row.code : null,
    learners: teaches ? row.learners : row.learners.filter((one) => one.id === account),
    assistants: teaches ? row.assistants : [],
  };
}

export const notYours = (): HttpProblem =>
  new HttpProblem(404, 'No group of yours is known by this id.');
