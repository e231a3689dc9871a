import type { Assignment, Progress, SetAssignment } from '@sleetcrest/contract/table';
import { wholeOf } from '@sleetcrest/core/group/tasks';
import { Op, type Sequelize } from 'sequelize';
import { modelsOf, type Models } from '../database/models/index.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, idTaken, refusal } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { progress, tasksSet, type Done, type SetTold, type Which } from './queries.js';
import { SAY } from './words.js';

/** Sets work for learners; whether it was done is told from what they practise and record. */
export class AssignmentService {
  private readonly models: Models;

  constructor(private readonly sequelize: Sequelize) {
    this.models = modelsOf(sequelize);
  }

  /** All of a group's, newest first, with how far each learner has come. */
  ofGroup(group: string): Promise<Assignment[]> {
    return this.list({ group });
  }

  /** A learner's own, of all their groups: what is to be done first. */
  ofLearner(learner: string): Promise<Assignment[]> {
    return this.list({ learner });
  }

  /** Sets it, once, however often it is sent. */
  async set(group: string, given: SetAssignment): Promise<Assignment> {
    const meant = given.for === null ? null : [...new Set(given.for)];
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      // What is set for one group comes in one after the other.
      await this.models.groups.findByPk(group, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
      const there = await this.models.assignments.findByPk(given.id, at);
      if (there) return;
      const count = await this.models.assignments.count({ where: { groupId: group }, ...at });
      if (count >= MOST_KEPT.assignmentsOfGroup) {
        throw noRoom('assignments', MOST_KEPT.assignmentsOfGroup);
      }
      if (meant !== null) {
        const where = { groupId: group, learnerId: { [Op.in]: meant } };
        if ((await this.models.members.count({ where, ...at })) < meant.length) {
          throw refusal('for', SAY.notOfThisGroup);
        }
      }
      await this.models.assignments.create(
        {
          id: given.id,
          groupId: group,
          task: given.task,
          note: given.note,
          untilDay: given.until,
          forAll: meant === null,
        },
        at,
      );
      const rows = (meant ?? []).map((learnerId) => ({ assignmentId: given.id, learnerId }));
      await this.models.setFor.bulkCreate(rows, at);
    });
    const [kept] = await this.list({ id: given.id, group });
    if (!kept) throw idTaken();
    return kept;
  }

  async remove(groupId: string, id: string): Promise<void> {
    const gone = await this.models.assignments.destroy({ where: { id, groupId } });
    if (gone === 0) throw new HttpProblem(404, SAY.notSet);
  }

  /** A learner for whom it is set says that it is done, or takes that back. */
  async say(learner: string, id: string, done: boolean): Promise<Assignment> {
    const said = { assignmentId: id, learnerId: learner };
    if (done) await this.models.saidDone.bulkCreate([said], { ignoreDuplicates: true });
    else await this.models.saidDone.destroy({ where: said });
    const own = (await this.ofLearner(learner)).find((one) => one.id === id);
    if (!own) throw new HttpProblem(404, SAY.notSetForYou);
    return own;
  }

  private async list(which: Which): Promise<Assignment[]> {
    const set = await tasksSet(this.sequelize, which);
    const done = await progress(this.sequelize, set);
    const byWhom = new Map(done.map((one) => [`${one.id} ${one.learner}`, one]));
    return set.map((one) => told(one, byWhom));
  }
}

function told(set: SetTold, byWhom: ReadonlyMap<string, Done>): Assignment {
  const of = wholeOf(set.task);
  const progress = set.learners.map(({ id, name, said }): Progress => {
    const own = byWhom.get(`${set.id} ${id}`);
    const count = Math.min(of, own?.done ?? 0);
    const doneAt = count >= of ? (own?.at ?? null) : null;
    const saidAt = said === null ? null : new Date(said);
    return {
      learner: id,
      name,
      of,
      right: own?.right ?? null,
      seconds: own?.seconds ?? null,
      done: saidAt ? of : count,
      said: saidAt !== null,
      doneAt: (doneAt ?? saidAt)?.toISOString() ?? null,
    };
  });
  return {
    id: set.id,
    group: set.group_id,
    groupName: set.group_name,
    task: set.task,
    note: set.note,
    until: set.until,
    forAll: set.for_all,
    progress,
    setAt: set.set_at.toISOString(),
  };
}
