import { type Random, randomCube, solvedCube, type Turn } from '../cube/index.js';
import type { WayTables } from './way-tables.js';
import { wayBetween } from './way.js';

/** Turns that lead from the solved cube to a random one, every legal cube equally likely. */
export const scramble = (tables: WayTables, random: Random): Turn[] =>
  wayBetween(tables, solvedCube(), randomCube(random));
