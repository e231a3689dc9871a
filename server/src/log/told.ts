import { randomUUID } from 'node:crypto';
import type { Told } from '@sleetcrest/contract';
import type { ChangeEntry, EntryHistory } from '@sleetcrest/contract/log';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import type { Sequelize, Transaction } from 'sequelize';
import { toldOf, writeTold } from './queries.js';

/** What is changed together: a reason belongs to the outcome it is given for. */
const FIELD_OF = {
  time: 'time',
  outcome: 'outcome',
  reason: 'outcome',
  note: 'note',
  method: 'method',
  cube: 'cube',
  turns: 'turns',
  tags: 'tags',
} as const satisfies Record<keyof ChangeEntry, string>;
type Field = (typeof FIELD_OF)[keyof ChangeEntry];

interface ToldRow {
  field: Field;
  change_id: string;
  value: ChangeEntry;
  at: Date;
}

/** The parts of a change by the field they belong to, each whole. */
function byField(change: ChangeEntry, before: LogEntry): Map<Field, ChangeEntry> {
  const fields = new Map<Field, ChangeEntry>();
  for (const key of Object.keys(change) as (keyof ChangeEntry)[]) {
    const field = FIELD_OF[key];
    if (change[key] === undefined || fields.has(field)) continue;
    fields.set(field, pick({ ...before, ...change }, field));
  }
  return fields;
}

const pick = (from: ChangeEntry, wanted: Field): ChangeEntry =>
  Object.fromEntries(
    Object.entries(FIELD_OF)
      .filter(([, field]) => field === wanted)
      .map(([key]) => [key, from[key as keyof ChangeEntry]]),
  );

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
