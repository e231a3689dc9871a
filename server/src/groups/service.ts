import {
  RIGHTS,
  type Account,
  type ChangeGroup,
  type CreateGroup,
  type Group,
  type Invitation,
  type Moves,
  type Right,
} from '@sleetcrest/contract/accounts';
import { Op, type Sequelize, type Transaction } from 'sequelize';
import { newCode } from '../access/codes.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { tellRights } from '../database/notices.js';
import { inside, transaction } from '../database/transaction.js';
import { HttpProblem } from '../http/problem.js';
import { endSessions, takeSeats } from '../live/seats.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import {
  groupByCode,
  groupsTold,
  mayMove,
  moved,
  movesOf,
  takeInvitation,
  takenOut,
  type GroupTold,
} from './queries.js';
import { SAY } from './words.js';

/** Hours for which an assistant's code is good. */
const INVITED = 72;

/** The groups coaches have; learners and assistants join by a code. */
export class GroupService {
  private readonly models: Models;

  constructor(private readonly sequelize: Sequelize) {
    this.models = modelsOf(sequelize);
  }

  /** A coach's own groups, those they help with, and those a learner belongs to, by name. */
  async list(account: Account): Promise<Group[]> {
    const rows = await groupsTold(this.sequelize, { of: account.id });
    return rows.map((row) => seenBy(account.id, row));
  }

  /** One of them. */
  async one(account: Account, id: string, within?: Transaction): Promise<Group> {
    const [row] = await groupsTold(this.sequelize, { id }, within);
    if (!row) throw notYours();
    return seenBy(account.id, row);
  }

  /** Makes a group; sent again with the same id it is the same group. */
  async create(coach: Account, { id, name }: CreateGroup, within?: Transaction): Promise<Group> {
    const coachId = coach.id;
    return transaction(
      this.sequelize,
      async (whole) => {
        const others = await this.models.groups.count({
          where: { coachId, id: { [Op.ne]: id } },
          transaction: whole,
        });
        if (others >= MOST_KEPT.groups) throw noRoom('groups', MOST_KEPT.groups);
        await this.models.groups.bulkCreate([{ id, coachId, name, code: newCode(8) }], {
          ignoreDuplicates: true,
          transaction: whole,
        });
        const row = await this.models.groups.findByPk(id, { transaction: whole });
        if (row?.coachId !== coachId) {
          throw new HttpProblem(409, SAY.idOfAnother);
        }
        return this.one(coach, id, whole);
      },
      within,
    );
  }

  /** Changes a group's name, how it learns and where it meets; or archives it, or brings it back. */
  async change(
    coach: Account,
    id: string,
    { archived, ...change }: ChangeGroup,
    within?: Transaction,
  ): Promise<Group> {
    return transaction(
      this.sequelize,
      async (whole) => {
        const at = { transaction: whole };
        const row = await this.models.groups.findByPk(id, { lock: true, ...at });
        if (!row) throw notYours();
        row.set(given(change));
        if (archived !== undefined) {
          row.archivedAt = archived ? (row.archivedAt ?? new Date()) : null;
        }
        await row.save(at);
        if (archived) {
          // A session that is being held ends with it, and so do the calendars that read it.
          await endSessions(this.sequelize, whole, [id], 'archived');
          await this.models.calendars.destroy({ where: { groupId: id }, ...at });
        }
        if (archived !== undefined) await this.tellAll(id, whole);
        return this.one(coach, id, whole);
      },
      within,
    );
  }

  /** From now on the group's code is another one; by the one before nobody joins. */
  async renewCode(account: Account, id: string): Promise<Group> {
    await this.models.groups.update({ code: newCode(8) }, { where: { id } });
    return this.one(account, id);
  }

  /** Joins a learner to a group, or a coach who was asked to help: whoever teaches it sees their log. */
  async join(account: Account, code: string, within?: Transaction): Promise<Group> {
    return transaction(
      this.sequelize,
      async (whole) => {
        if (account.role === 'coach') return this.help(account, code, whole);
        const found = await groupByCode(this.sequelize, code, account.id, whole);
        if (!found) throw new HttpProblem(404, SAY.noSuchCode);
        if (found.out) {
          throw new HttpProblem(403, SAY.takenOut);
        }
        if (found.others >= MOST_KEPT.learnersOfGroup) {
          throw new HttpProblem(409, SAY.full);
        }
        await this.models.members.bulkCreate([{ groupId: found.id, learnerId: account.id }], {
          ignoreDuplicates: true,
          transaction: whole,
        });
        tellRights(whole, [account.id], found.id);
        return this.one(account, found.id, whole);
      },
      within,
    );
  }

  /** Asks another coach to help: a code that is good once, for three days. */
  async invite(groupId: string, rights: readonly Right[]): Promise<Invitation> {
    const row = await this.models.invitations.create({
      code: newCode(8),
      groupId,
      rights: [...rights],
      expiresAt: new Date(Date.now() + INVITED * 3_600_000),
    });
    return { code: row.code, rights: [...rights], until: row.expiresAt.toISOString() };
  }

  /** Codes by which coaches may become assistants, as long as they are good. */
  async invitations(groupId: string): Promise<Invitation[]> {
    const rows = await this.models.invitations.findAll({
      where: { groupId, expiresAt: { [Op.gt]: new Date() } },
      order: ['expiresAt', 'code'],
    });
    return rows.map(({ code, rights, expiresAt }) => {
      return { code, rights, until: expiresAt.toISOString() };
    });
  }

  async withdraw(groupId: string, code: string): Promise<void> {
    const gone = await this.models.invitations.destroy({ where: { groupId, code } });
    if (gone === 0) throw new HttpProblem(404, SAY.notAskedForHelp);
  }

  /** A coach who was asked takes the code up. */
  private async help(coach: Account, code: string, whole: Transaction): Promise<Group> {
    const asked = await takeInvitation(this.sequelize, code, coach.id, whole);
    if (!asked) {
      throw new HttpProblem(404, SAY.noCallForHelp);
    }
    await this.models.assistants.upsert(
      { groupId: asked.group_id, coachId: coach.id, rights: asked.rights },
      { transaction: whole },
    );
    tellRights(whole, [coach.id], asked.group_id);
    return this.one(coach, asked.group_id, whole);
  }

  /** Ends somebody's help: their board closes, and their calendar finds nothing any more. */
  async endHelp(id: string, coachId: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      const where = { groupId: id, coachId };
      const removed = await this.models.assistants.destroy({ where, ...at });
      if (removed === 0) throw new HttpProblem(404, SAY.noSuchHelper);
      await this.models.calendars.destroy({ where, ...at });
      // What they may have read of the address that all had ends too.
      await this.models.groups.increment('calendar', { where: { id }, ...at });
      tellRights(whole, [coachId], id);
    });
  }

  /** Dissolves a group, with all that was planned, set and handed in there. */
  async remove(id: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      await endSessions(this.sequelize, whole, [id], 'dissolved');
      await this.tellAll(id, whole);
      await this.models.groups.destroy({ where: { id }, transaction: whole });
    });
  }

  /** Takes a learner out of a group; who was taken out by another does not come back by the code it has now. */
  async leave(account: Account, id: string, learner: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const removed = await this.models.members.destroy({
        where: { groupId: id, learnerId: learner },
        transaction: whole,
      });
      if (removed === 0) throw new HttpProblem(404, SAY.noSuchLearner);
      if (account.id !== learner) await takenOut(this.sequelize, id, learner, whole);
      await takeSeats(this.sequelize, whole, { accounts: [learner], group: id });
    });
  }

  /**
   * Moves a learner to another group of the same coach; gives whether it did. To a group of another coach's
   * they are moved once they say so themselves.
   */
  async move(account: Account, from: string, learner: string, to: string): Promise<boolean> {
    return transaction(this.sequelize, async (whole) => {
      const may = await mayMove(this.sequelize, account.id, from, to, whole);
      if (!may) throw new HttpProblem(404, SAY.mayNotMoveThere);
      if (may.others >= MOST_KEPT.learnersOfGroup) {
        throw new HttpProblem(409, SAY.fullToMove);
      }
      if (may.same) {
        await this.moveNow(from, learner, to, whole);
        return true;
      }
      const where = { groupId: from, learnerId: learner };
      if ((await this.models.members.count({ where, transaction: whole })) === 0) {
        throw new HttpProblem(404, SAY.noSuchLearnerHere);
      }
      await this.models.moves.upsert(
        { toGroup: to, learnerId: learner, fromGroup: from },
        { transaction: whole },
      );
      return false;
    });
  }

  /** Moves that wait for a learner's word. */
  async moves(learner: string): Promise<Moves> {
    const rows = await movesOf(this.sequelize, learner);
    return {
      items: rows.map(({ id, name, coach, before }) => ({ to: { id, name }, coach, from: before })),
    };
  }

  /** The learner says yes, or no, to a move. */
  async answerMove(learner: string, to: string, agrees: boolean): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const asked = await this.models.moves.findOne({
        where: { toGroup: to, learnerId: learner },
        lock: true,
        transaction: whole,
      });
      if (!asked) throw new HttpProblem(404, SAY.notAskedToMove);
      await asked.destroy({ transaction: whole });
      if (agrees) await this.moveNow(asked.fromGroup, learner, to, whole);
    });
  }

  private async moveNow(
    from: string,
    learner: string,
    to: string,
    whole: Transaction,
  ): Promise<void> {
    if (!(await moved(this.sequelize, from, learner, to, whole))) {
      throw new HttpProblem(404, SAY.noSuchLearnerHere);
    }
    await this.models.moves.destroy({ where: { learnerId: learner }, transaction: whole });
    await takeSeats(this.sequelize, whole, { accounts: [learner], group: from });
  }

  /** Tells the pages of all who belong to a group that what they may follow is to be looked at again. */
  private async tellAll(groupId: string, whole: Transaction): Promise<void> {
    const { assistants, members } = this.models;
    const of = { where: { groupId }, ...inside(whole) };
    const [learners, helpers] = [await members.findAll(of), await assistants.findAll(of)];
    const all = [
      ...learners.map(({ learnerId }) => learnerId),
      ...helpers.map(({ coachId }) => coachId),
    ];
    tellRights(whole, all, groupId);
  }
}

/** What is given of a change; what is not is left as it is. */
const given = <T extends object>(change: T): Partial<T> =>
  Object.fromEntries(
    Object.entries(change).filter(([, value]) => value !== undefined),
  ) as Partial<T>;

/** A group as somebody is told of it: learners are told their coach, not each other. */
function seenBy(account: string, row: GroupTold): Group {
  const assistant = row.assistants.find(({ id }) => id === account);
  const rights = row.coach_id === account ? [...RIGHTS] : (assistant?.rights ?? []);
  const teaches = rights.length > 0;
  return {
    id: row.id,
    name: row.name,
    method: row.method,
    firstColour: row.firstColour,
    zone: row.zone,
    archivedAt: row.archived_at?.toISOString() ?? null,
    rights,
    coach: { id: row.coach_id, name: row.coach_name },
    code: rights.includes('roster') ? row.code : null,
    learners: teaches ? row.learners : row.learners.filter((one) => one.id === account),
    assistants: teaches ? row.assistants : [],
  };
}

export const notYours = (): HttpProblem => new HttpProblem(404, SAY.noSuchGroup);
