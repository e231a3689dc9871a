import { sessionPlanSchema, type KeepPlan, type KeptPlan } from '@sleetcrest/contract/table';
import { QueryTypes, type Sequelize } from 'sequelize';
import { HttpProblem } from '../http/problem.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';

interface Row {
  plan: unknown;
  changed_at: Date;
}

/** Keeps the sessions that are planned for a group. */
export class PlanService {
  constructor(private readonly sequelize: Sequelize) {}

  /** All of a group's, the latest first, without those who have left it since. */
  async list(group: string): Promise<KeptPlan[]> {
    const ask = <T extends object>(sql: string) =>
      this.sequelize.query<T>(sql, { bind: [group], type: QueryTypes.SELECT });
    const [rows, members] = await Promise.all([
      ask<Row>(
        `SELECT plan, changed_at FROM session_plans WHERE group_id = $1
         ORDER BY plan ->> 'on' DESC, plan ->> 'at' DESC, id`,
      ),
      ask<{ id: string }>('SELECT learner_id AS id FROM group_members WHERE group_id = $1'),
    ]);
    const here = new Set(members.map(({ id }) => id));
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
   * nothing is changed; the same sent again is the same.
   */
  async keep(group: string, { plan, basis }: KeepPlan): Promise<KeptPlan> {
    return this.sequelize.transaction(async (transaction) => {
      const ask = <T extends object>(sql: string, bind: unknown[]) =>
        this.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT, transaction });
      const [there] = await ask<{ changed_at: Date; same: boolean }>(
        `SELECT changed_at, plan = $3::jsonb AS same FROM session_plans
         WHERE group_id = $1 AND id = $2 FOR UPDATE`,
        [group, plan.id, JSON.stringify(plan)],
      );
      if (there?.same) return { plan, changedAt: there.changed_at.toISOString() };
      if ((there?.changed_at.toISOString() ?? null) !== basis) {
        throw new HttpProblem(
          409,
          there
            ? 'Somebody changed this plan meanwhile; look at theirs first. Yours was not kept.'
            : 'This plan was deleted meanwhile; keep it as a new one if you need it.',
        );
      }
      const [count] = await ask<{ count: number }>(
        'SELECT count(*)::int AS count FROM session_plans WHERE group_id = $1',
        [group],
      );
      if (!there && count!.count >= MOST_KEPT.plansOfGroup) {
        throw noRoom('plans of a group', MOST_KEPT.plansOfGroup);
      }
      const [kept] = await ask<{ changed_at: Date }>(
        `INSERT INTO session_plans (group_id, id, plan) VALUES ($1, $2, $3::jsonb)
         ON CONFLICT (group_id, id) DO UPDATE SET plan = excluded.plan,
           changed_at = greatest(now(), session_plans.changed_at + interval '1 millisecond')
         RETURNING changed_at`,
        [group, plan.id, JSON.stringify(plan)],
      );
      return { plan, changedAt: kept!.changed_at.toISOString() };
    });
  }

  async remove(group: string, id: string): Promise<void> {
    const gone = await this.sequelize.query(
      'DELETE FROM session_plans WHERE group_id = $1 AND id = $2 RETURNING id',
      { bind: [group, id], type: QueryTypes.SELECT },
    );
    if (gone.length === 0) throw new HttpProblem(404, 'No plan of this group is known by this id.');
  }
}
