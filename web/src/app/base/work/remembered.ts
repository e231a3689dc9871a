import { openDB, type IDBPDatabase } from 'idb';

const STORE = 'made';
let database: Promise<IDBPDatabase> | undefined;

const open = (): Promise<IDBPDatabase> =>
  (database ??= openDB('sleetcrest made', 1, {
    upgrade: (made) => void made.createObjectStore(STORE),
  }));

/**
 * What takes long to make, made once and kept in the browser; for pages and workers alike. Where
 * storage is closed to us or full it is made anew each time.
 * @param key all that it depends on
 */
export async function remembered<T>(key: string, make: () => T | Promise<T>): Promise<T> {
  const known = await open()
    .then((made) => made.get(STORE, key) as Promise<T | undefined>)
    .catch(() => undefined);
  if (known !== undefined) return known;
  const value = await make();
  await open()
    .then((made) => made.put(STORE, value, key))
    .catch(() => undefined);
  return value;
}
