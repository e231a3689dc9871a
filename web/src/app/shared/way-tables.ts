import { makeWayTables, WAY_TABLES_VERSION, type WayTables } from '@sleetcrest/core/search';
import { get, set } from 'idb-keyval';

const KEY = `way tables ${WAY_TABLES_VERSION}`;

let tables: Promise<WayTables> | undefined;

/** The tables for short ways, for use in a worker: made once, and kept in the browser. */
export function wayTables(): Promise<WayTables> {
  tables ??= keptOrMade();
  return tables;
}

/** Storage may be closed to us; then they are made anew. */
async function keptOrMade(): Promise<WayTables> {
  const kept = await get<WayTables>(KEY).catch(() => undefined);
  if (kept) return kept;
  const made = makeWayTables();
  await set(KEY, made).catch(() => undefined);
  return made;
}
