import { sessionPlanSchema, type KeepPlan, type KeptPlan } from '@sleetcrest/contract/table';
import type { Sequelize } from 'sequelize';
import { modelsOf, type Models } from '../database/models/index.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';
import { keptPlan, plansOf, samePlan } from './queries.js';
import { SAY } from './words.js';

/** Keeps the sessions that are planned for a group. */
export class PlanService {
  private readonly models: Models;

  constructor(private readonly sequelize: Sequelize) {
    this.models = modelsOf(sequelize);
  }

  /** All of a group's, the latest first, without those who have left it since. */
  async list(groupId: string): Promise<KeptPlan[]> {
    const [rows, members] = await Promise.all([
      plansOf(this.sequelize, groupId),
      this.models.members.findAll({ where: { groupId } }),
    ]);
    const here = new Set(members.map(({ learnerId }) => learnerId));
    const present = (ids: readonly string[]): string[] => ids.filter((id) => here.has(id));
    return rows.flatMap((row) => {
      const { success, data } = sessionPlanSchema.safeParse(row.plan);
      if (!success) return [];
      const tables = data.tables.map((one) => ({ ...one, learners: present(one.learners) }));
      const plan = { ...data, comes: present(data.comes), tables };
      return [{ plan, changedAt: row.changed_at.toISOString() }];
    });
  }

  /**
   * Keeps a plan in place of the one it was changed from. Where somebody else has kept another meanwhile,
   * nothing is changed; the same sent again is the same. Two for one group come in one after the other.
   */
  async keep(group: string, { plan, basis }: KeepPlan): Promise<KeptPlan> {
    return transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      await this.models.groups.findByPk(group, { lock: whole.LOCK.NO_KEY_UPDATE, ...at });
      const there = await samePlan(this.sequelize, group, plan, whole);
      if (there?.same) return { plan, changedAt: there.changed_at.toISOString() };
      if ((there?.changed_at.toISOString() ?? null) !== basis) {
        throw new HttpProblem(409, there ? SAY.changedMeanwhile : SAY.deletedMeanwhile);
      }
      const count = await this.models.plans.count({ where: { groupId: group }, ...at });
      if (!there && count >= MOST_KEPT.plansOfGroup) {
        throw noRoom('plans', MOST_KEPT.plansOfGroup);
      }
      const kept = await keptPlan(this.sequelize, group, plan, whole);
      return { plan, changedAt: kept.toISOString() };
    });
  }

  async remove(groupId: string, id: string): Promise<void> {
    const gone = await this.models.plans.destroy({ where: { groupId, id } });
    if (gone === 0) throw new HttpProblem(404, SAY.noSuchPlan);
  }
}
