import { workSchema } from '@sleetcrest/contract/table';
import type { Sequelize, Transaction } from 'sequelize';
import * as z from 'zod';
import type { Side } from '../access/caller.js';
import { PAGE } from '../database/pages.js';
import { changed, exactly, moment, rowsOf } from '../database/statement.js';
import { STILL_THERE } from '../groups/queries.js';

const workRow = workSchema.extend({ handed_exactly: z.string() });
/** A piece of work, and when it was handed in with all its digits. */
export type WorkTold = z.infer<typeof workRow>;

/** Which are meant: what was handed in to a group, by a learner, or one. */
export type Which = { group: string } | { learner: string } | { id: string };

/** New to a side is what the other wrote, or handed in, since it last read it. */
const UNREAD: Readonly<Record<Side, string>> = {
  coach: `coach_read IS NULL OR EXISTS (SELECT FROM work_notes WHERE work_id = work.id
    AND author_id = work.learner_id AND written_at > coach_read)`,
  learner: `EXISTS (SELECT FROM work_notes WHERE work_id = work.id
    AND author_id <> work.learner_id AND written_at > learner_read)`,
};

/** A page of work as a side is told of it: unread first, then the newest. */
export function workPage(
  sequelize: Sequelize,
  side: Side,
  which: Which,
  last?: WorkTold,
): Promise<WorkTold[]> {
  const [where, about] =
    'group' in which
      ? [`work.group_id = $1 AND ${STILL_THERE}`, which.group]
      : 'learner' in which
        ? ['work.learner_id = $1', which.learner]
        : ['work.id = $1', which.id];
  const unread = `(${UNREAD[side]})`;
  const after = last
    ? `AND (${unread}::int < $2::int OR (${unread}::int = $2::int AND (work.handed_at < $3::timestamptz
           OR (work.handed_at = $3::timestamptz AND work.id > $4::uuid))))`
    : '';
  return rowsOf(
    sequelize,
    workRow,
    `SELECT work.id, work.group_id AS group, groups.name AS "groupName",
       jsonb_build_object('id', learner.id, 'name', learner.name) AS learner, handed, words,
       ${moment('handed_at')} AS "handedAt", ${exactly('handed_at')} AS handed_exactly,
       ${moment('marked_at')} AS "markedAt", ${unread} AS unread,
       (SELECT coalesce(jsonb_agg(jsonb_build_object('id', note.id, 'by', author.name,
           'byLearner', author.id = work.learner_id, 'place', note.place, 'words', note.words,
           'writtenAt', ${moment('note.written_at')}) ORDER BY note.written_at, note.id), '[]')
         FROM work_notes note JOIN accounts author ON author.id = note.author_id
         WHERE note.work_id = work.id) AS notes
     FROM work JOIN groups ON groups.id = work.group_id
       JOIN accounts learner ON learner.id = work.learner_id
     WHERE ${where} ${after}
     ORDER BY unread DESC, handed_at DESC, work.id LIMIT ${PAGE}`,
    last ? [about, Number(last.unread), last.handed_exactly, last.id] : [about],
  );
}

/** Hands something in to a group that goes on and that the learner belongs to; gives whether they may. */
export async function handedIn(
  sequelize: Sequelize,
  given: { id: string; group: string; learner: string; handed: object; words: string },
  transaction: Transaction,
): Promise<boolean> {
  const rows = await rowsOf(
    sequelize,
    z.object({ may: z.boolean() }),
    `WITH may AS (SELECT FROM group_members JOIN groups ON groups.id = group_id
         WHERE group_id = $2 AND learner_id = $3 AND archived_at IS NULL FOR SHARE OF groups),
       made AS (INSERT INTO work (id, group_id, learner_id, handed, words)
         SELECT $1, $2, $3, $4::jsonb, $5 FROM may ON CONFLICT DO NOTHING)
     SELECT EXISTS (SELECT FROM may) AS may`,
    [given.id, given.group, given.learner, JSON.stringify(given.handed), given.words],
    transaction,
  );
  return rows[0]!.may;
}

/** How much a learner has handed in besides one, and how much of it to one group within a day. */
export async function handedBefore(
  sequelize: Sequelize,
  learner: string,
  group: string,
  id: string,
  transaction: Transaction,
): Promise<{ all: number; today: number }> {
  const rows = await rowsOf(
    sequelize,
    z.object({ all: z.number(), today: z.number() }),
    `SELECT count(*)::int AS all,
       (count(*) FILTER (WHERE group_id = $2 AND handed_at > now() - interval '1 day'))::int AS today
     FROM work WHERE learner_id = $1 AND id <> $3`,
    [learner, group, id],
    transaction,
  );
  return rows[0]!;
}

/** Notes that a side has read all of it, up to this moment. */
export const readBy = (sequelize: Sequelize, side: Side, id: string): Promise<number> =>
  changed(sequelize, `UPDATE work SET ${side}_read = clock_timestamp() WHERE id = $1 RETURNING 1`, [
    id,
  ]);

const noteRow = z.object({
  id: z.string(),
  work: z.string(),
  place: z.unknown(),
  words: z.string(),
  writtenAt: z.string(),
});

/** Words that somebody wrote on work, a page of them. */
export const notesBy = (
  sequelize: Sequelize,
  author: string,
  last?: z.infer<typeof noteRow>,
): Promise<z.infer<typeof noteRow>[]> =>
  rowsOf(
    sequelize,
    noteRow,
    `SELECT id, work_id AS work, place, words, ${exactly('written_at')} AS "writtenAt"
     FROM work_notes WHERE author_id = $1
       ${last ? 'AND (written_at, id) > ($2::timestamptz, $3::uuid)' : ''}
     ORDER BY written_at, id LIMIT ${PAGE}`,
    last ? [author, last.writtenAt, last.id] : [author],
  );
