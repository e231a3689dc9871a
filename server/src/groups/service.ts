import { randomInt } from 'node:crypto';
import {
  CODE_LETTERS,
  type Account,
  type CreateGroup,
  type Group,
} from '@sleetcrest/contract/accounts';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';

interface Row {
  id: string;
  name: string;
  code: string;
  coach_id: string;
  coach_name: string;
  learners: { id: string; name: string }[];
}

const newCode = (): string =>
  Array.from({ length: 8 }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]!).join('');

/** The groups coaches have; learners join by a code. */
export class GroupService {
  constructor(private readonly sequelize: Sequelize) {}

  /** A coach's own groups and those somebody belongs to, by name. */
  async list(account: Account): Promise<Group[]> {
    return this.groups(
      `WHERE groups.coach_id = $1
       OR groups.id IN (SELECT group_id FROM group_members WHERE learner_id = $1)`,
      account,
    );
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
      { bind: [id, coach.id, name, newCode()], ...inside(transaction) },
    );
    const where = 'WHERE groups.id = $2 AND groups.coach_id = $1';
    const [group] = await this.groups(where, coach, id, transaction);
    if (!group) throw new HttpProblem(409, 'Another group has this id; make a new id.');
    return group;
  }

  /** Joins a learner to a group. Its coach then sees their log, and can set them a new phrase. */
  async join(learner: Account, code: string, transaction?: Transaction): Promise<Group> {
    if (learner.role !== 'learner') throw new HttpProblem(403, 'Only learners join a group.');
    const [found] = await this.sequelize.query<{ id: string; others: number }>(
      `SELECT id, (SELECT count(*)::int FROM group_members
         WHERE group_id = id AND learner_id <> $2) AS others
       FROM groups WHERE code = $1`,
      { bind: [code, learner.id], type: QueryTypes.SELECT, ...inside(transaction) },
    );
    if (!found) throw new HttpProblem(404, 'No group has this code; ask your coach for it.');
    if (found.others >= MOST_KEPT.learnersOfGroup) {
      throw new HttpProblem(409, 'This group is full; ask your coach for the code of another.');
    }
    await this.sequelize.query(
      `INSERT INTO group_members (group_id, learner_id) VALUES ($1, $2) ON CONFLICT DO NOTHING`,
      { bind: [found.id, learner.id], ...inside(transaction) },
    );
    const where = 'WHERE groups.id = $2 AND $1 <> coach_id';
    const [group] = await this.groups(where, learner, found.id, transaction);
    return group!;
  }

  async remove(coach: Account, id: string): Promise<void> {
    const removed = await this.sequelize.query(
      'DELETE FROM groups WHERE id = $1 AND coach_id = $2 RETURNING id',
      { bind: [id, coach.id], type: QueryTypes.SELECT },
    );
    if (removed.length === 0) throw new HttpProblem(404, 'No group of yours has this id.');
  }

  /** Takes a learner out of a group: the coach may, and the learner. */
  async leave(account: Account, id: string, learner: string): Promise<void> {
    const removed = await this.sequelize.query(
      `DELETE FROM group_members USING groups
       WHERE groups.id = group_id AND group_id = $1 AND learner_id = $2
         AND (groups.coach_id = $3 OR learner_id = $3)
       RETURNING group_id`,
      { bind: [id, learner, account.id], type: QueryTypes.SELECT },
    );
    if (removed.length === 0) {
      throw new HttpProblem(404, 'No such learner is in a group of yours.');
    }
  }

  async isCoachOf(coach: string, learner: string): Promise<boolean> {
    const found = await this.sequelize.query(
      `SELECT FROM group_members JOIN groups ON groups.id = group_id
       WHERE learner_id = $2 AND coach_id = $1 LIMIT 1`,
      { bind: [coach, learner], type: QueryTypes.SELECT },
    );
    return found.length > 0;
  }

  private async groups(
    where: string,
    account: Account,
    id?: string,
    transaction?: Transaction,
  ): Promise<Group[]> {
    const rows = await this.sequelize.query<Row>(
      `SELECT groups.id, groups.name, groups.code, coach_id, coach.name AS coach_name,
         coalesce(jsonb_agg(jsonb_build_object('id', learner.id, 'name', learner.name)
           ORDER BY learner.name) FILTER (WHERE learner.id IS NOT NULL), '[]') AS learners
       FROM groups JOIN accounts coach ON coach.id = coach_id
       LEFT JOIN group_members ON group_id = groups.id
       LEFT JOIN accounts learner ON learner.id = learner_id
       ${where}
       GROUP BY groups.id, coach.name ORDER BY groups.name, groups.id`,
      {
        bind: id === undefined ? [account.id] : [account.id, id],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return rows.map((row) => {
      const own = row.coach_id === account.id;
      return {
        id: row.id,
        name: row.name,
        coach: { id: row.coach_id, name: row.coach_name },
        code: own ? row.code : null,
        // Learners are told their coach, not each other.
        learners: own ? row.learners : row.learners.filter((one) => one.id === account.id),
      };
    });
  }
}
