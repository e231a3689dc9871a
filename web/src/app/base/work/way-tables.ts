import { makeWayTables, WAY_TABLES_VERSION, type WayTables } from '@sleetcrest/core/puzzle/search';
import { remembered } from './remembered';

let tables: Promise<WayTables> | undefined;

/** The tables for short ways, for use in a worker: made once, and kept in the browser. */
export function wayTables(): Promise<WayTables> {
  tables ??= remembered(`way tables ${WAY_TABLES_VERSION}`, makeWayTables);
  return tables;
}
