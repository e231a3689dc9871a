import { solvedCube } from '../cube/cube.js';
import { randomCube, type Random } from '../cube/random.js';
import type { Turn } from '../cube/turns.js';
import { wayBetween } from './way.js';
import type { WayTables } from './way-tables.js';

/** Turns that lead from the solved cube to a random one, every legal cube equally likely. */
export const scramble = (tables: WayTables, random: Random): Turn[] =>
  wayBetween(tables, solvedCube(), randomCube(random));
