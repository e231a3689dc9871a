import type { Dexie, Table } from 'dexie';
import { database } from '../storage/database';

/** What is held of things that are kept elsewhere, or of a guest’s here alone. Asked in a worker. */
export class Replica<T extends { readonly id: string }> {
  private readonly open: () => Promise<Dexie>;
  private readonly channel: BroadcastChannel;

  /**
   * @param name the database
   * @param version of its shape
   * @param items the table of the things
   * @param also other tables beside it, each with keys given apart
   * @param elsewhere called when another tab has changed something
   */
  constructor(
    name: string,
    version: number,
    private readonly items: string,
    private readonly also: readonly string[],
    elsewhere: () => void,
  ) {
    const beside = Object.fromEntries([...also, SINCE].map((table) => [table, '']));
    this.open = database(name, version, { [items]: 'id', ...beside });
    this.channel = new BroadcastChannel(name);
    this.channel.onmessage = elsewhere;
  }

  async all(): Promise<T[]> {
    return (await this.table()).toArray();
  }

  /** Some of them, for moving them elsewhere. */
  async some(count: number): Promise<T[]> {
    return (await this.table()).limit(count).toArray();
  }

  /**
   * Puts each in the place of what is known under its id, if anything.
   * @param over what to put, given what is known; undefined to leave that as it is
   * @returns those that were put
   */
  async put(
    items: readonly T[],
    over: (item: T, known: T | undefined) => T | undefined = (item) => item,
  ): Promise<T[]> {
    const database = await this.open();
    const table = database.table<T, string>(this.items);
    const put = await database.transaction('rw', table, async () => {
      const known = await table.bulkGet(items.map(({ id }) => id));
      const now = new Map(items.map(({ id }, k) => [id, known[k]]));
      const changed: T[] = [];
      for (const item of items) {
        const next = over(item, now.get(item.id));
        if (next === undefined) continue;
        now.set(item.id, next);
        changed.push(next);
      }
      await table.bulkPut(changed);
      return changed;
    });
    if (put.length > 0) this.told();
    return put;
  }

  /** Changes those that are here. */
  async edit(ids: readonly string[], how: (item: T) => T): Promise<void> {
    const database = await this.open();
    const table = database.table<T, string>(this.items);
    await database.transaction('rw', table, async () => {
      const known = await table.bulkGet([...ids]);
      await table.bulkPut(known.flatMap((item) => (item ? how(item) : [])));
    });
    this.told();
  }

  /** Takes them out for good: they are kept elsewhere now. */
  async moved(ids: readonly string[]): Promise<void> {
    await (await this.table()).bulkDelete([...ids]);
    this.told();
  }

  /** Up to when what changed elsewhere is in here; undefined where nothing was ever heard. */
  since(): Promise<string | undefined> {
    return this.note<string>(SINCE, SINCE);
  }

  heardUntil(since: string): Promise<void> {
    return this.takeNote(SINCE, SINCE, since);
  }

  /** Something kept beside the things. */
  async note<N>(table: string, key: string): Promise<N | undefined> {
    return (await this.open()).table<N, string>(table).get(key);
  }

  async takeNote<N>(table: string, key: string, note: N): Promise<void> {
    await (await this.open()).table<N, string>(table).put(note, key);
  }

  /** Forgets everything. */
  async forget(): Promise<void> {
    const database = await this.open();
    const tables = [this.items, ...this.also, SINCE].map((name) => database.table(name));
    await database.transaction('rw', tables, async () => {
      await Promise.all(tables.map((table) => table.clear()));
    });
    this.told();
  }

  private async table(): Promise<Table<T, string>> {
    return (await this.open()).table<T, string>(this.items);
  }

  private told(): void {
    this.channel.postMessage('changed');
  }
}

const SINCE = 'since';
