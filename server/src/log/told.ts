import { randomUUID } from 'node:crypto';
import type { Told } from '@sleetcrest/contract';
import { type ChangeEntry, changeEntrySchema, type EntryHistory } from '@sleetcrest/contract/log';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import type { Sequelize, Transaction } from 'sequelize';
import { toldOf, writeTold } from './queries.js';

type Key = keyof ChangeEntry;
/** What a change is of: each field by itself, but for a reason, which belongs to its outcome. */
type Field = Exclude<Key, 'reason'>;
const fieldOf = (key: Key): Field => (key === 'reason' ? 'outcome' : key);
const KEYS = Object.keys(changeEntrySchema.shape) as Key[];

interface ToldRow {
  field: Field;
  change_id: string;
  value: ChangeEntry;
  at: Date;
}

/** The parts of a change by the field they belong to, each whole. */
function byField(change: ChangeEntry, before: LogEntry): Map<Field, ChangeEntry> {
  const fields = new Map<Field, ChangeEntry>();
  for (const key of Object.keys(change) as Key[]) {
    const field = fieldOf(key);
    if (change[key] === undefined || fields.has(field)) continue;
    fields.set(field, pick({ ...before, ...change }, field));
  }
  return fields;
}

const pick = (from: ChangeEntry, wanted: Field): ChangeEntry =>
  Object.fromEntries(KEYS.filter((key) => fieldOf(key) === wanted).map((key) => [key, from[key]]));

/** The earlier of two moments; a device whose clock runs ahead must not win for ever. */
const notAhead = (at: Date, now = new Date()): Date => (at > now ? now : at);

/**
 * What was told of a record's fields, and when. Two devices may change the same record while neither
 * has a network: each field then says what was told last, whichever came first to the server, and what
 * lost is kept for thirty days, so that it can be taken back.
 */
export class ToldFields {
  constructor(private readonly sequelize: Sequelize) {}

  /** Writes a change down; gives what of it counts, since nothing later was told of that field. */
  async hear(
    account: string,
    before: LogEntry,
    change: ChangeEntry,
    told: Told = { id: randomUUID(), at: new Date().toISOString() },
    transaction?: Transaction,
  ): Promise<ChangeEntry> {
    const rows = await this.rows(account, before.id, transaction);
    const at = notAhead(new Date(told.at));
    const heard: ToldRow[] = [];
    let counts: ChangeEntry = {};
    for (const [field, value] of byField(change, before)) {
      const known = rows.filter((row) => row.field === field);
      // Sent again, since its answer was lost.
      if (known.some(({ change_id }) => change_id === told.id)) continue;
      if (known.length === 0) {
        const first = { field, change_id: before.id, value: pick(before, field) };
        heard.push({ ...first, at: notAhead(new Date(before.beganAt), at) });
      }
      heard.push({ field, change_id: told.id, value, at });
      if (known.every((row) => row.at <= at)) counts = { ...counts, ...value };
    }
    if (heard.length > 0) await writeTold(this.sequelize, account, before.id, heard, transaction);
    return counts;
  }

  /** What a record has said, newest first. */
  async history(account: string, entry: LogEntry): Promise<EntryHistory> {
    const rows = await this.rows(account, entry.id);
    const counting = new Set<ToldRow>();
    for (const field of new Set(rows.map((row) => row.field))) {
      counting.add(rows.find((row) => row.field === field)!);
    }
    return {
      items: rows.map((row) => ({
        change: row.value,
        at: row.at.toISOString(),
        counts: counting.has(row),
      })),
    };
  }

  private async rows(
    account: string,
    entry: string,
    transaction?: Transaction,
  ): Promise<ToldRow[]> {
    return (await toldOf(this.sequelize, account, entry, transaction)) as ToldRow[];
  }
}
