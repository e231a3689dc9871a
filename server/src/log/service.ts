import { isDeepStrictEqual } from 'node:util';
import type {
  BatchAnswer,
  EntryHistory,
  LogChanges,
  LogPage,
  TellChange,
} from '@sleetcrest/contract/log';
import { logEntrySchema } from '@sleetcrest/contract/log';
import { fieldErrors, describeErrors } from '@sleetcrest/contract';
import { FOR_ONESELF, type LogEntry } from '@sleetcrest/core/log';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { withConnection } from '../database/connection.js';
import { inside } from '../database/inside.js';
import { HttpProblem } from '../http/problem.js';
import { entryOfRow, placeholders, ROW_COLUMNS, valuesOf, WRITTEN, type LogRow } from './rows.js';
import { LogRoom } from './room.js';
import { ToldFields } from './told.js';
import { whereOf, type SeenFilter } from './where.js';

const INSERT = `INSERT INTO log_entries (${WRITTEN.join(', ')})`;
/**
 * Asked for at every timed solve: prepared once on each connection. It makes sure itself that the
 * session it is asked by is one, so that nothing else need be asked.
 */
const INSERT_ONE = {
  name: 'add a record',
  text: `${INSERT} SELECT ${placeholders().join(', ')} WHERE EXISTS (
    SELECT FROM sessions WHERE token_hash = $${WRITTEN.length + 1} AND account_id = $1
      AND expires_at > now()) ON CONFLICT DO NOTHING`,
};

/** Milliseconds for which changes are told again, longer than any transaction takes. */
const OVERLAP = 60_000;
/** How many changes one answer holds. */
const CHANGES = 200;
const FIRST_ID = '00000000-0000-0000-0000-000000000000';

/** Keeps logs, each for its account alone: what it has answered is in the database. */
export class LogService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly room = new LogRoom(sequelize),
    private readonly told = new ToldFields(sequelize),
  ) {}

  /**
   * Keeps a record, if the session it is asked by is the account's and has not ended; gives whether
   * it did. Where it did not, the record may also be there already (`again`).
   */
  async add(account: string, session: Buffer, entry: LogEntry): Promise<boolean> {
    await this.room.forOne(account);
    const values = [...valuesOf(account, entry), session];
    const { rowCount } = await withConnection(this.sequelize, (connection) =>
      connection.query({ ...INSERT_ONE, values }),
    );
    return rowCount === 1;
  }

  /**
   * The same request sent again, because its answer was lost, finds the record that is there already;
   * another record under the same id is refused.
   */
  async again(account: string, entry: LogEntry): Promise<LogEntry> {
    const kept = await this.find(account, entry.id, true);
    // Told in another way, such as with the offset of another place, it is another record.
    if (kept && isDeepStrictEqual(kept, entry)) return kept;
    throw new HttpProblem(409, 'Another record is kept under this id; make a new id.');
  }

  /** Keeps many records, all or none. One that was deleted comes back. */
  async addAll(
    account: string,
    entries: readonly LogEntry[],
    transaction?: Transaction,
  ): Promise<BatchAnswer> {
    await this.room.forMany(account, entries.length);
    // The same id twice in one request would be one row changed twice, which SQL refuses.
    const once = [...new Map(entries.map((entry) => [entry.id, entry])).values()];
    const rows = await this.sequelize.query(
      `${INSERT} VALUES ${once.map((_, row) => `(${placeholders(row).join(', ')})`).join(', ')}
       ON CONFLICT (account_id, id) DO UPDATE SET deleted_at = NULL
         WHERE log_entries.deleted_at IS NOT NULL
       RETURNING 1`,
      {
        bind: once.flatMap((entry) => valuesOf(account, entry)),
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return { added: rows.length, known: entries.length - rows.length };
  }

  /** A window of the records meant, newest first, and how many there are. */
  async page(account: string, filter: SeenFilter, offset: number, limit: number): Promise<LogPage> {
    const { sql, bind } = whereOf(account, filter);
    const [rows, [counted]] = await Promise.all([
      this.sequelize.query<LogRow>(
        `SELECT ${ROW_COLUMNS} FROM log_entries WHERE ${sql}
         ORDER BY began_at DESC, id DESC OFFSET $${bind.length + 1} LIMIT $${bind.length + 2}`,
        { bind: [...bind, offset, limit], type: QueryTypes.SELECT },
      ),
      this.sequelize.query<{ count: number }>(
        `SELECT count(*)::int AS count FROM log_entries WHERE ${sql}`,
        { bind, type: QueryTypes.SELECT },
      ),
    ]);
    return { items: rows.map(entryOfRow), total: counted!.count };
  }

  /** `byCoach` where another asks for it than whose it is. */
  async read(account: string, id: string, byCoach = false): Promise<LogEntry> {
    const entry = await this.find(account, id);
    if (!entry || (byCoach && entry.tags.includes(FOR_ONESELF))) throw notKept();
    return entry;
  }

  /**
   * Changes a record; a change that would make it wrong is refused whole. Of what was changed
   * elsewhere later than this was, nothing is changed.
   */
  async change(account: string, id: string, { told, ...change }: TellChange): Promise<LogEntry> {
    return this.sequelize.transaction(async (transaction) => {
      const before = await this.find(account, id, false, transaction);
      if (!before) throw notKept();
      const counts = await this.told.hear(account, before, change, told, transaction);
      if (Object.keys(counts).length === 0) return before;
      const parsed = logEntrySchema.safeParse({ ...before, ...counts });
      if (!parsed.success) {
        const errors = fieldErrors(parsed.error);
        throw new HttpProblem(422, `The request was refused: ${describeErrors(errors)}.`, errors);
      }
      const written = WRITTEN.slice(2);
      const values = placeholders().slice(2);
      await this.sequelize.query(
        `UPDATE log_entries SET ${written.map((name, k) => `${name} = ${values[k]}`).join(', ')}
         WHERE account_id = $1 AND id = $2`,
        { bind: valuesOf(account, parsed.data), transaction },
      );
      return parsed.data;
    });
  }

  async history(account: string, id: string): Promise<EntryHistory> {
    return this.told.history(account, await this.read(account, id));
  }

  /**
   * What was changed since a moment, deleted records too, in the order it was changed. A change is
   * told once it is a minute old, and told again for a minute: one that was begun before this was
   * asked, and ended after, is else in no answer.
   */
  async changes(account: string, since: string | undefined, after?: string): Promise<LogChanges> {
    const [{ now }] = (await this.sequelize.query<{ now: Date }>('SELECT now() AS now', {
      type: QueryTypes.SELECT,
    })) as [{ now: Date }];
    const later = { since: new Date(now.getTime() - OVERLAP).toISOString() };
    if (since === undefined) return { items: [], next: later };
    const rows = await this.sequelize.query<LogRow & { changed_at: Date; deleted: boolean }>(
      `SELECT ${ROW_COLUMNS}, changed_at, deleted_at IS NOT NULL AS deleted FROM log_entries
       WHERE account_id = $1 AND (changed_at, id) > ($2::timestamptz, $3::uuid)
       ORDER BY changed_at, id LIMIT ${CHANGES}`,
      { bind: [account, since, after ?? FIRST_ID], type: QueryTypes.SELECT },
    );
    const last = rows.length === CHANGES ? rows[rows.length - 1]! : undefined;
    return {
      items: rows.map((row) => ({ entry: entryOfRow(row), deleted: row.deleted })),
      next: last ? { since: last.changed_at.toISOString(), after: last.id } : later,
    };
  }

  /** Deletes records; gives how many there were. */
  remove(account: string, ids: readonly string[]): Promise<number> {
    return this.update(account, ids, 'deleted_at = now()', 'deleted_at IS NULL');
  }

  restore(account: string, ids: readonly string[]): Promise<number> {
    return this.update(account, ids, 'deleted_at = NULL', 'deleted_at IS NOT NULL');
  }

  /** Adds tags and takes tags off; gives how many records there were. */
  tag(
    account: string,
    ids: readonly string[],
    add: readonly string[],
    remove: readonly string[],
  ): Promise<number> {
    return this.update(
      account,
      ids,
      `tags = (SELECT coalesce(array_agg(tag ORDER BY at), '{}') FROM (
         SELECT tag, min(at) AS at FROM unnest(tags || $3::text[]) WITH ORDINALITY AS all_tags(tag, at)
         WHERE tag <> ALL ($4::text[]) GROUP BY tag ORDER BY at LIMIT 20) kept)`,
      'deleted_at IS NULL',
      [add, remove],
    );
  }

  private async update(
    account: string,
    ids: readonly string[],
    set: string,
    where: string,
    bind: readonly (readonly string[])[] = [],
  ): Promise<number> {
    const [{ count } = { count: 0 }] = await this.sequelize.query<{ count: number }>(
      `WITH changed AS (UPDATE log_entries SET ${set}
         WHERE account_id = $1 AND id = ANY ($2::uuid[]) AND ${where} RETURNING 1)
       SELECT count(*)::int AS count FROM changed`,
      { bind: [account, ids, ...bind], type: QueryTypes.SELECT },
    );
    return count;
  }

  private async find(
    account: string,
    id: string,
    deletedToo = false,
    transaction?: Transaction,
  ): Promise<LogEntry | undefined> {
    const [row] = await this.sequelize.query<LogRow>(
      `SELECT ${ROW_COLUMNS} FROM log_entries WHERE account_id = $1 AND id = $2
       ${deletedToo ? '' : 'AND deleted_at IS NULL'} ${transaction ? 'FOR UPDATE' : ''}`,
      {
        bind: [account, id],
        type: QueryTypes.SELECT,
        ...inside(transaction),
      },
    );
    return row && entryOfRow(row);
  }
}

const notKept = (): HttpProblem =>
  new HttpProblem(404, 'No record is kept under this id; it may have been deleted.');
