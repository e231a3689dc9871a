import { rightSchema, type Right } from '@sleetcrest/contract/accounts';
import { colourSchema, methodChoiceSchema } from '@sleetcrest/contract';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import type { Side } from '../access/caller.js';
import { changed, rowOf, rowsOf, THERE } from '../database/statement.js';

const seenRow = z.object({
  coach: z.boolean(),
  rights: z.array(rightSchema).nullable(),
  learner: z.boolean(),
  archived: z.boolean(),
});

/** What account $1 is to a group. */
const SEEN = `groups.coach_id = $1 AS coach,
  (SELECT rights FROM group_assistants WHERE group_id = groups.id AND coach_id = $1) AS rights,
  EXISTS (SELECT FROM group_members WHERE group_id = groups.id AND learner_id = $1) AS learner,
  archived_at IS NOT NULL AS archived`;

export const inGroup = (sequelize: Sequelize, account: string, group: string) =>
  rowOf(sequelize, seenRow, `SELECT ${SEEN} FROM groups WHERE id = $2`, [account, group]);

export const inLive = (sequelize: Sequelize, account: string, live: string) =>
  rowOf(
    sequelize,
    seenRow,
    `SELECT ${SEEN} FROM groups JOIN live_sessions ON group_id = groups.id
     WHERE live_sessions.id = $2`,
    [account, live],
  );

const found = async (rows: Promise<unknown[]>): Promise<boolean> => (await rows).length > 0;

export const mayWith = (
  sequelize: Sequelize,
  account: string,
  learner: string,
  right: Right,
): Promise<boolean> =>
  found(
    rowsOf(
      sequelize,
      THERE,
      `SELECT FROM group_members JOIN groups ON groups.id = group_members.group_id
       WHERE learner_id = $2 AND archived_at IS NULL AND (groups.coach_id = $1 OR EXISTS (
         SELECT FROM group_assistants assistant WHERE assistant.group_id = groups.id
           AND assistant.coach_id = $1 AND $3 = ANY (rights)))
       LIMIT 1`,
      [account, learner, right],
    ),
  );

export const mayGivePhrase = (
  sequelize: Sequelize,
  account: string,
  learner: string,
): Promise<boolean> =>
  found(
    rowsOf(
      sequelize,
      THERE,
      `SELECT FROM accounts JOIN groups ON groups.id = made_in
         JOIN group_members ON group_id = groups.id AND learner_id = accounts.id
       WHERE accounts.id = $2 AND archived_at IS NULL AND (groups.coach_id = $1 OR EXISTS (
         SELECT FROM group_assistants assistant WHERE assistant.group_id = groups.id
           AND assistant.coach_id = $1 AND 'phrase' = ANY (rights)))`,
      [account, learner],
    ),
  );

/** Leaving a group ends what is seen there of somebody. */
export const STILL_THERE = `EXISTS (SELECT FROM group_members
  WHERE group_members.group_id = work.group_id AND group_members.learner_id = work.learner_id)`;

/** What account $1 is to the work: its learner, or whoever may answer while that learner belongs to the group. */
const SIDE = `CASE WHEN work.learner_id = $1 THEN 'learner'
  WHEN ${STILL_THERE} AND EXISTS (SELECT FROM groups WHERE groups.id = work.group_id
      AND archived_at IS NULL AND (groups.coach_id = $1 OR EXISTS (
        SELECT FROM group_assistants assistant WHERE assistant.group_id = groups.id
          AND assistant.coach_id = $1 AND 'answer' = ANY (rights)))) THEN 'coach' END`;

export async function sideOfWork(
  sequelize: Sequelize,
  account: string,
  work: string,
): Promise<Side | undefined> {
  const row = await rowOf(
    sequelize,
    z.object({ side: z.enum(['learner', 'coach']).nullable() }),
    `SELECT ${SIDE} AS side FROM work WHERE id = $2`,
    [account, work],
  );
  return row?.side ?? undefined;
}

/** Whether something is set for learner $1 of the group it was set in, which goes on. */
export const isSetFor = (
  sequelize: Sequelize,
  learner: string,
  assignment: string,
): Promise<boolean> =>
  found(
    rowsOf(
      sequelize,
      THERE,
      `SELECT FROM assignments JOIN groups ON groups.id = group_id
       WHERE assignments.id = $2 AND archived_at IS NULL
         AND group_id IN (SELECT group_id FROM group_members WHERE learner_id = $1)
         AND (for_all OR EXISTS (SELECT FROM assignment_learners
           WHERE assignment_id = assignments.id AND learner_id = $1))`,
      [learner, assignment],
    ),
  );

const memberRow = z.object({ id: z.string(), name: z.string() });
const groupRow = z.object({
  id: z.string(),
  name: z.string(),
  code: z.string(),
  coach_id: z.string(),
  coach_name: z.string(),
  method: methodChoiceSchema,
  firstColour: colourSchema,
  zone: z.string(),
  archived_at: z.date().nullable(),
  learners: z.array(memberRow),
  assistants: z.array(memberRow.extend({ rights: z.array(rightSchema) })),
});
export type GroupTold = z.infer<typeof groupRow>;

/** Groups with all who belong to them, by name: those of somebody, or one. */
export function groupsTold(
  sequelize: Sequelize,
  which: { of: string } | { id: string },
  transaction?: Transaction,
): Promise<GroupTold[]> {
  const [where, bound] =
    'id' in which
      ? ['groups.id = $1', which.id]
      : [
          `groups.coach_id = $1 OR (archived_at IS NULL AND (
             groups.id IN (SELECT group_id FROM group_members WHERE learner_id = $1)
             OR groups.id IN (SELECT group_id FROM group_assistants WHERE coach_id = $1)))`,
          which.of,
        ];
  return rowsOf(
    sequelize,
    groupRow,
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
     WHERE ${where} ORDER BY groups.name, groups.id`,
    [bound],
    transaction,
  );
}

/** Takes a code up by which a coach was asked to help; gives the group and the rights, once. */
export const takeInvitation = (
  sequelize: Sequelize,
  code: string,
  coach: string,
  transaction: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({ group_id: z.string(), rights: z.array(rightSchema) }),
    `DELETE FROM group_invitations USING groups
     WHERE group_invitations.code = $1 AND expires_at > now() AND groups.id = group_id
       AND archived_at IS NULL AND groups.coach_id <> $2
     RETURNING group_id, rights`,
    [code, coach],
    transaction,
  );

/** The group that a code is of, while it goes on; locked, so that it goes on until the learner is in it. */
export const groupByCode = (
  sequelize: Sequelize,
  code: string,
  learner: string,
  transaction: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({ id: z.string(), others: z.int(), out: z.boolean() }),
    `SELECT id, (SELECT count(*)::int FROM group_members
         WHERE group_id = id AND learner_id <> $2) AS others,
       EXISTS (SELECT FROM group_taken_out
         WHERE group_id = id AND learner_id = $2 AND group_taken_out.code = groups.code) AS out
     FROM groups WHERE code = $1 AND archived_at IS NULL FOR SHARE`,
    [code, learner],
    transaction,
  );

/** Remembers by which code somebody does not come back who was taken out. */
export const takenOut = (
  sequelize: Sequelize,
  group: string,
  learner: string,
  transaction: Transaction,
) =>
  changed(
    sequelize,
    `INSERT INTO group_taken_out (group_id, learner_id, code)
     SELECT id, $2::uuid, code FROM groups WHERE id = $1
     ON CONFLICT (group_id, learner_id) DO UPDATE SET code = excluded.code RETURNING 1`,
    [group, learner],
    transaction,
  );

/** What somebody may do who moves a learner from one group to another; undefined where they may not see both. */
export const mayMove = (
  sequelize: Sequelize,
  account: string,
  from: string,
  to: string,
  transaction: Transaction,
) =>
  rowOf(
    sequelize,
    z.object({ same: z.boolean(), others: z.int() }),
    `SELECT groups.coach_id = before.coach_id AS same,
       (SELECT count(*)::int FROM group_members WHERE group_id = groups.id) AS others
     FROM groups, groups before
     WHERE groups.id = $3 AND before.id = $2 AND groups.archived_at IS NULL
       AND (groups.coach_id = $1 OR EXISTS (SELECT FROM group_assistants assistant
         WHERE assistant.group_id = groups.id AND assistant.coach_id = $1
           AND 'roster' = ANY (rights)))
     FOR SHARE OF groups`,
    [account, from, to],
    transaction,
  );

/** Moves a learner who belongs to the first group into the second; gives whether they did. */
export const moved = async (
  sequelize: Sequelize,
  from: string,
  learner: string,
  to: string,
  transaction: Transaction,
): Promise<boolean> =>
  (await changed(
    sequelize,
    `WITH gone AS (
       DELETE FROM group_members WHERE group_id = $1 AND learner_id = $2 RETURNING learner_id),
     made AS (UPDATE accounts SET made_in = $3 WHERE id = $2 AND made_in = $1
       AND EXISTS (SELECT FROM groups one JOIN groups other ON one.coach_id = other.coach_id
         WHERE one.id = $1 AND other.id = $3))
     INSERT INTO group_members (group_id, learner_id) SELECT $3, learner_id FROM gone
     ON CONFLICT (group_id, learner_id) DO UPDATE SET joined_at = group_members.joined_at
     RETURNING 1`,
    [from, learner, to],
    transaction,
  )) > 0;

/** Moves that wait for a learner's word. */
export const movesOf = (sequelize: Sequelize, learner: string) =>
  rowsOf(
    sequelize,
    z.object({ id: z.string(), name: z.string(), coach: z.string(), before: z.string() }),
    `SELECT groups.id, groups.name, coach.name AS coach, before.name AS before
     FROM group_moves JOIN groups ON groups.id = to_group JOIN groups before ON before.id = from_group
       JOIN accounts coach ON coach.id = groups.coach_id
     WHERE learner_id = $1 AND groups.archived_at IS NULL ORDER BY asked_at, groups.id`,
    [learner],
  );
