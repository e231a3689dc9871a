import { isDeepStrictEqual } from 'node:util';
import type {
  BatchAnswer,
  EntryHistory,
  LogChanges,
  LogPage,
  TellChange,
} from '@sleetcrest/contract/log';
import { logEntrySchema } from '@sleetcrest/contract/log';
import { fieldErrors } from '@sleetcrest/contract';
import { FOR_ONESELF, type LogEntry } from '@sleetcrest/core/learner/log';
import type { Sequelize, Transaction } from 'sequelize';
import { momentsAgo } from '../database/clock.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem, refused } from '../http/problem.js';
import {
  addEntries,
  addEntry,
  countOf,
  entriesIn,
  entriesSince,
  entryIn,
  markDeleted,
  markRestored,
  retag,
  rewrite,
} from './queries.js';
import { LogRoom } from './room.js';
import { ToldFields } from './told.js';
import { whereOf, type SeenFilter } from './where.js';
import { SAY } from './words.js';

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
    return addEntry(this.sequelize, account, session, entry);
  }

  /**
   * The same request sent again, because its answer was lost, finds the record that is there already;
   * another record under the same id is refused.
   */
  async again(account: string, entry: LogEntry): Promise<LogEntry> {
    const kept = await entryIn(this.sequelize, account, entry.id, { deletedToo: true });
    // Told in another way, such as with the offset of another place, it is another record.
    if (kept && isDeepStrictEqual(kept, entry)) return kept;
    throw new HttpProblem(409, SAY.idOfAnother);
  }

  /** Keeps many records, all or none. One that was deleted comes back. */
  async addAll(
    account: string,
    entries: readonly LogEntry[],
    within?: Transaction,
  ): Promise<BatchAnswer> {
    await this.room.forMany(account, entries.length);
    // The same id twice in one request would be one row changed twice, which SQL refuses.
    const once = [...new Map(entries.map((entry) => [entry.id, entry])).values()];
    const added = await addEntries(this.sequelize, account, once, within);
    return { added, known: entries.length - added };
  }

  /** A window of the records meant, newest first, and how many there are. */
  async page(account: string, filter: SeenFilter, offset: number, limit: number): Promise<LogPage> {
    const where = whereOf(account, filter);
    const [items, total] = await Promise.all([
      entriesIn(this.sequelize, where, offset, limit),
      countOf(this.sequelize, where),
    ]);
    return { items, total };
  }

  /** `byCoach` where another asks for it than whose it is. */
  async read(account: string, id: string, byCoach = false): Promise<LogEntry> {
    const entry = await entryIn(this.sequelize, account, id);
    if (!entry || (byCoach && entry.tags.includes(FOR_ONESELF))) throw notKept();
    return entry;
  }

  /**
   * Changes a record; a change that would make it wrong is refused whole. Of what was changed
   * elsewhere later than this was, nothing is changed.
   */
  async change(account: string, id: string, { told, ...change }: TellChange): Promise<LogEntry> {
    return transaction(this.sequelize, async (whole) => {
      const before = await entryIn(this.sequelize, account, id, { held: whole });
      if (!before) throw notKept();
      const counts = await this.told.hear(account, before, change, told, whole);
      if (Object.keys(counts).length === 0) return before;
      const parsed = logEntrySchema.safeParse({ ...before, ...counts });
      if (!parsed.success) throw refused(fieldErrors(parsed.error));
      await rewrite(this.sequelize, account, parsed.data, whole);
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
    const later = { since: await momentsAgo(this.sequelize, OVERLAP) };
    if (since === undefined) return { items: [], next: later };
    const found = await entriesSince(this.sequelize, account, since, after ?? FIRST_ID, CHANGES);
    const last = found.length === CHANGES ? found.at(-1) : undefined;
    return {
      items: found.map(({ entry, deleted }) => ({ entry, deleted })),
      next: last ? { since: last.changed, after: last.entry.id } : later,
    };
  }

  /** Deletes records; gives how many there were. */
  remove(account: string, ids: readonly string[]): Promise<number> {
    return markDeleted(this.sequelize, account, ids);
  }

  restore(account: string, ids: readonly string[]): Promise<number> {
    return markRestored(this.sequelize, account, ids);
  }

  /** Adds tags and takes tags off; gives how many records there were. */
  tag(
    account: string,
    ids: readonly string[],
    add: readonly string[],
    remove: readonly string[],
  ): Promise<number> {
    return retag(this.sequelize, account, ids, add, remove);
  }
}

const notKept = (): HttpProblem => new HttpProblem(404, SAY.notKept);
