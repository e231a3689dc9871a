import { Injectable } from '@angular/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Change } from './change';

interface Schema extends DBSchema {
  /** By a number that grows: the order they were told in. */
  changes: { key: number; value: Change };
}

/** A change, and its place in the order. */
export type Numbered = readonly [number: number, change: Change];

/** Where changes wait: in the browser, for all its tabs, over reloads. */
@Injectable({ providedIn: 'root' })
export class OutboxStore {
  private database: Promise<IDBPDatabase<Schema>> | undefined;

  /** All that waits, in the order it was told. */
  async all(): Promise<Numbered[]> {
    const { store } = (await this.open()).transaction('changes', 'readonly');
    const [numbers, changes] = await Promise.all([store.getAllKeys(), store.getAll()]);
    return changes.map((change, k) => [numbers[k]!, change]);
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
    const transaction = (await this.open()).transaction('changes', 'readwrite');
    const { store } = transaction;
    const [numbers, changes] = await Promise.all([store.getAllKeys(), store.getAll()]);
    const { put = [], drop = [] } = plan(changes.map((change, k) => [numbers[k]!, change]));
    let last = Number(numbers.at(-1) ?? 0);
    await Promise.all([
      ...put.map(([number, change]) => store.put(change, number ?? ++last)),
      ...drop.map((number) => store.delete(number)),
      transaction.done,
    ]);
  }

  private open(): Promise<IDBPDatabase<Schema>> {
    this.database ??= openDB<Schema>('sleetcrest outbox', 1, {
      upgrade: (database) => void database.createObjectStore('changes'),
    });
    this.database.catch(() => (this.database = undefined));
    return this.database;
  }
}
