import type { Account } from '@sleetcrest/contract/accounts';
import type { HandIn, Work, WorkNote, WriteNote } from '@sleetcrest/contract/table';
import { FOR_ONESELF } from '@sleetcrest/core/log';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { GroupRights } from '../groups/rights.js';
import { HttpProblem } from '../http/problem.js';
import type { LogService } from '../log/service.js';
import { MOST_KEPT } from '../upkeep/limits.js';
import { noRoom } from '../upkeep/room.js';

interface Row {
  id: string;
  group_id: string;
  group_name: string;
  learner_id: string;
  learner_name: string;
  handed: Work['handed'];
  words: string;
  handed_at: Date;
  marked_at: Date | null;
  unread: boolean;
  notes: (Omit<WorkNote, 'writtenAt'> & { writtenAt: string })[];
}

/** What somebody is to a piece of work. */
type Side = 'learner' | 'coach';

/** What is handed in, and the words on it: only ever added to, so that nothing is lost when both write. */
export class WorkService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly log: LogService,
    private readonly rights: GroupRights,
  ) {}

  /** What the learners of a group handed in, unread first. Who has left is not among them. */
  ofGroup(group: string): Promise<Work[]> {
    return this.list('coach', `WHERE work.group_id = $1 AND ${STILL_THERE}`, [group]);
  }

  /** What a learner handed in. */
  ofLearner(learner: string): Promise<Work[]> {
    return this.list('learner', 'WHERE work.learner_id = $1', [learner]);
  }

  /** Hands something in; sent again it is the same. */
  async handIn(learner: Account, given: HandIn): Promise<Work> {
    const { is } = await this.rights.inGroup(learner.id, given.group);
    if (is !== 'learner') throw new HttpProblem(404, 'No group of yours is known by this id.');
    const handed = await this.asItIs(learner.id, given.handed);
    const [count] = await this.sequelize.query<{ count: number }>(
      'SELECT count(*)::int AS count FROM work WHERE learner_id = $1 AND id <> $2',
      { bind: [learner.id, given.id], type: QueryTypes.SELECT },
    );
    if (count!.count >= MOST_KEPT.workOfLearner)
      throw noRoom('things handed in', MOST_KEPT.workOfLearner);
    await this.sequelize.query(
      `INSERT INTO work (id, group_id, learner_id, handed, words) VALUES ($1, $2, $3, $4::jsonb, $5)
       ON CONFLICT DO NOTHING`,
      { bind: [given.id, given.group, learner.id, JSON.stringify(handed), given.words] },
    );
    const [kept] = await this.list('learner', 'WHERE work.id = $1 AND work.learner_id = $2', [
      ...[given.id, learner.id],
    ]);
    if (!kept) throw new HttpProblem(409, 'Something else has this id; make a new id.');
    return kept;
  }

  /** Writes on it: the learner, or whoever may answer in the group. */
  async write(account: Account, id: string, { id: note, place, words }: WriteNote): Promise<Work> {
    const side = await this.sideOf(account, id);
    const [count] = await this.sequelize.query<{ count: number }>(
      'SELECT count(*)::int AS count FROM work_notes WHERE work_id = $1 AND id <> $2',
      { bind: [id, note], type: QueryTypes.SELECT },
    );
    if (count!.count >= MOST_KEPT.notesOfWork) throw noRoom('notes on this', MOST_KEPT.notesOfWork);
    await this.sequelize.query(
      `INSERT INTO work_notes (id, work_id, author_id, place, words) VALUES ($1, $2, $3, $4::jsonb, $5)
       ON CONFLICT DO NOTHING`,
      { bind: [note, id, account.id, JSON.stringify(place), words] },
    );
    return this.one(side, id);
  }

  /** Whoever asks has read all of it up to now. */
  async read(account: Account, id: string): Promise<Work> {
    const side = await this.sideOf(account, id);
    await this.sequelize.query(`UPDATE work SET ${side}_read = clock_timestamp() WHERE id = $1`, {
      bind: [id],
    });
    return this.one(side, id);
  }

  /** Marks it as answered, or takes that back. */
  async mark(account: Account, id: string, marked: boolean): Promise<Work> {
    const side = await this.sideOf(account, id);
    if (side !== 'coach') throw new HttpProblem(403, 'Whoever teaches the group marks it.');
    await this.sequelize.query(
      `UPDATE work SET marked_at = ${marked ? 'coalesce(marked_at, now())' : 'NULL'} WHERE id = $1`,
      { bind: [id] },
    );
    return this.one(side, id);
  }

  /** What a person handed in, and wrote, for the export of all that is kept for them. */
  async allOf(account: string): Promise<object> {
    const select = (sql: string): Promise<object[]> =>
      this.sequelize.query(sql, { bind: [account], type: QueryTypes.SELECT });
    return {
      handedIn: await this.ofLearner(account),
      written: await select(
        `SELECT work_id AS work, place, words, written_at AS "writtenAt" FROM work_notes
         WHERE author_id = $1 ORDER BY written_at`,
      ),
    };
  }

  /** A record is handed in as it stands now; what is for oneself alone is not. */
  private async asItIs(learner: string, handed: HandIn['handed']): Promise<Work['handed']> {
    if (handed.what === 'question') return handed;
    const entry = await this.log.read(learner, handed.entry);
    if (entry.tags.includes(FOR_ONESELF)) {
      throw new HttpProblem(
        409,
        'This record is marked private: take that off it before you hand it in.',
      );
    }
    return { what: 'record', entry };
  }

  private async sideOf(account: Account, id: string): Promise<Side> {
    const [row] = await this.sequelize.query<{ group_id: string; own: boolean; there: boolean }>(
      `SELECT group_id, learner_id = $2 AS own, ${STILL_THERE} AS there FROM work WHERE id = $1`,
      { bind: [id, account.id], type: QueryTypes.SELECT },
    );
    if (row?.own) return 'learner';
    if (row?.there) {
      const { rights } = await this.rights.inGroup(account.id, row.group_id);
      if (rights.includes('answer')) return 'coach';
    }
    throw new HttpProblem(404, 'Nothing that was handed in is known by this id.');
  }

  private async one(side: Side, id: string): Promise<Work> {
    const [work] = await this.list(side, 'WHERE work.id = $1', [id]);
    if (!work) throw new HttpProblem(404, 'Nothing that was handed in is known by this id.');
    return work;
  }

  private async list(side: Side, where: string, bind: unknown[]): Promise<Work[]> {
    // New to a side is what the other wrote, or handed in, since it last read it.
    const unread =
      side === 'coach'
        ? `coach_read IS NULL OR EXISTS (SELECT FROM work_notes WHERE work_id = work.id
             AND author_id = work.learner_id AND written_at > coach_read)`
        : `EXISTS (SELECT FROM work_notes WHERE work_id = work.id
             AND author_id <> work.learner_id AND written_at > learner_read)`;
    const rows = await this.sequelize.query<Row>(
      `SELECT work.id, work.group_id, groups.name AS group_name, work.learner_id,
         learner.name AS learner_name, handed, words, handed_at, marked_at, (${unread}) AS unread,
         (SELECT coalesce(jsonb_agg(jsonb_build_object('id', note.id, 'by', author.name,
             'byLearner', author.id = work.learner_id, 'place', note.place, 'words', note.words,
             'writtenAt', note.written_at) ORDER BY note.written_at, note.id), '[]')
           FROM work_notes note JOIN accounts author ON author.id = note.author_id
           WHERE note.work_id = work.id) AS notes
       FROM work JOIN groups ON groups.id = work.group_id
         JOIN accounts learner ON learner.id = work.learner_id
       ${where}
       ORDER BY (${unread}) DESC, handed_at DESC, work.id LIMIT 500`,
      { bind, type: QueryTypes.SELECT },
    );
    return rows.map((row) => ({
      ...{ id: row.id, group: row.group_id, groupName: row.group_name, words: row.words },
      ...{ handed: row.handed, unread: row.unread },
      learner: { id: row.learner_id, name: row.learner_name },
      handedAt: row.handed_at.toISOString(),
      markedAt: row.marked_at?.toISOString() ?? null,
      notes: row.notes.map((note) => ({
        ...note,
        writtenAt: new Date(note.writtenAt).toISOString(),
      })),
    }));
  }
}

/** Leaving a group ends what is seen there of somebody. */
const STILL_THERE = `EXISTS (SELECT FROM group_members
  WHERE group_members.group_id = work.group_id AND group_members.learner_id = work.learner_id)`;
