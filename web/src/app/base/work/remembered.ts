import { database } from '../storage/database';

const STORE = 'made';
const open = database('sleetcrest made', 1, { [STORE]: '' });

/**
 * What takes long to make, made once and kept in the browser; for pages and workers alike. Where
 * storage is closed to us or full it is made anew each time.
 * @param key all that it depends on
 */
export async function remembered<T>(key: string, make: () => T | Promise<T>): Promise<T> {
  const known = await open()
    .then((made) => made.table<T, string>(STORE).get(key))
    .catch(() => undefined);
  if (known !== undefined) return known;
  const value = await make();
  await open()
    .then((made) => made.table(STORE).put(value, key))
    .catch(() => undefined);
  return value;
}
