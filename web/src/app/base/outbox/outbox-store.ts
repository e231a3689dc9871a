import { Injectable } from '@angular/core';
import type { Table } from 'dexie';
import { database } from '../storage/database';
import type { Change } from './change';

/** By a number that grows: the order they were told in. */
const CHANGES = 'changes';

/** A change, and its place in the order. */
export type Numbered = readonly [number: number, change: Change];

/** Where changes wait: in the browser, for all its tabs, over reloads. */
@Injectable({ providedIn: 'root' })
export class OutboxStore {
  private readonly open = database('sleetcrest outbox', 1, { [CHANGES]: '' });

  /** All that waits, in the order it was told. */
  async all(): Promise<Numbered[]> {
    const opened = await this.open();
    const table = opened.table<Change, number>(CHANGES);
    return opened.transaction('r', table, () => numbered(table));
  }

  /**
   * Edits what waits, whole or not at all: those given to `put` take the place of their number, or are
   * put last where they have none.
   * @throws DOMException when the browser has no room, or will not keep anything
   */
  async edit(
    plan: (waiting: readonly Numbered[]) => {
      put?: readonly (readonly [number | undefined, Change])[];
      drop?: readonly number[];
    },
  ): Promise<void> {
    const opened = await this.open();
    const table = opened.table<Change, number>(CHANGES);
    await opened.transaction('rw', table, async () => {
      const waiting = await numbered(table);
      const { put = [], drop = [] } = plan(waiting);
      let last = waiting.at(-1)?.[0] ?? 0;
      for (const [number, change] of put) await table.put(change, number ?? ++last);
      await table.bulkDelete([...drop]);
    });
  }
}

async function numbered(table: Table<Change, number>): Promise<Numbered[]> {
  const [numbers, changes] = await Promise.all([
    table.toCollection().primaryKeys(),
    table.toArray(),
  ]);
  return changes.map((change, k) => [numbers[k]!, change]);
}
