import type { SessionPlanDocument } from '@sleetcrest/contract/table';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import { exactly, rowOf, rowsOf } from '../database/statement.js';

/** A group's plans, the latest first. */
export const plansOf = (sequelize: Sequelize, group: string) =>
  rowsOf(
    sequelize,
    z.object({ plan: z.unknown(), changed_at: z.date() }),
    `SELECT plan, changed_at FROM session_plans WHERE group_id = $1
     ORDER BY plan ->> 'on' DESC, plan ->> 'at' DESC, id`,
    [group],
  );

/** When the plan that is kept under this id was changed, and whether it is the same as this one. */
export const samePlan = (
  sequelize: Sequelize,
  group: string,
  plan: SessionPlanDocument,
  transaction: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({ changed_at: z.date(), same: z.boolean() }),
    `SELECT changed_at, plan = $3::jsonb AS same FROM session_plans
     WHERE group_id = $1 AND id = $2 FOR UPDATE`,
    [group, plan.id, JSON.stringify(plan)],
    transaction,
  );

/** Keeps a plan under its id; gives when, which is later than what was there. */
export async function keptPlan(
  sequelize: Sequelize,
  group: string,
  plan: SessionPlanDocument,
  transaction: Transaction,
): Promise<Date> {
  const row = await rowOf(
    sequelize,
    z.object({ changed_at: z.date() }),
    `INSERT INTO session_plans (group_id, id, plan) VALUES ($1, $2, $3::jsonb)
     ON CONFLICT (group_id, id) DO UPDATE SET plan = excluded.plan,
       changed_at = greatest(now(), session_plans.changed_at + interval '1 millisecond')
     RETURNING changed_at`,
    [group, plan.id, JSON.stringify(plan)],
    transaction,
  );
  return row!.changed_at;
}

const calendarRow = z.object({
  name: z.string(),
  zone: z.string(),
  /** Another whenever a plan is kept or deleted, or the group is called or meets otherwise. */
  state: z.string(),
  /** The number in the address that all had before each had their own. */
  calendar: z.number(),
});

const STATE = `(SELECT concat_ws(' ', groups.name, groups.zone, count(*), ${exactly('max(changed_at)')},
  md5(string_agg(id::text, '' ORDER BY id))) FROM session_plans WHERE group_id = groups.id)`;

/** A group that goes on, as its calendar tells of it. */
export const calendarOf = (sequelize: Sequelize, group: string) =>
  rowOf(
    sequelize,
    calendarRow,
    `SELECT name, zone, calendar, ${STATE} AS state FROM groups
     WHERE id = $1 AND archived_at IS NULL`,
    [group],
  );

/** Whether an address of a group's calendar is somebody's who teaches it still. */
export async function isAddress(
  sequelize: Sequelize,
  group: string,
  secret: string,
): Promise<boolean> {
  const rows = await rowsOf(
    sequelize,
    z.object({}),
    `SELECT FROM calendar_addresses address JOIN groups ON groups.id = group_id
     WHERE secret = $2 AND group_id = $1 AND (groups.coach_id = address.coach_id
       OR EXISTS (SELECT FROM group_assistants helper WHERE helper.group_id = groups.id
         AND helper.coach_id = address.coach_id))`,
    [group, secret],
  );
  return rows.length > 0;
}

/** Whose calendars read a group's sessions, by name. */
export const addressesOf = (sequelize: Sequelize, group: string) =>
  rowsOf(
    sequelize,
    z.object({ coach: z.string(), name: z.string(), made_at: z.date() }),
    `SELECT coach_id AS coach, name, made_at FROM calendar_addresses
       JOIN accounts ON accounts.id = coach_id
     WHERE group_id = $1 ORDER BY name, coach_id`,
    [group],
  );
