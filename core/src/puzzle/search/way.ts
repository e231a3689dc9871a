import { compose, type Cube, inverse, isSolvable, type Turn } from '../cube/index.js';
import { shortestWay } from './shortest-way.js';
import { type Effort, fewTurns } from './two-phase.js';
import type { WayTables } from './way-tables.js';

/** Up to this many turns a way is found as the shortest there is. */
export const SHORTEST_UP_TO = 8;

const EFFORT: Effort = { content: 20, positions: 80_000 };

/**
 * Turns that lead from one cube to another, as turns of the cube's own sides: the fewest there are
 * where eight or less will do, and otherwise few.
 * @throws RangeError when no turns lead there.
 */
export function wayBetween(tables: WayTables, from: Cube, to: Cube): Turn[] {
  // What solves this cube is what leads from the one to the other.
  const cube = compose(inverse(to), from);
  if (!isSolvable(cube)) throw new RangeError('no turns lead from the one cube to the other');
  return shortestWay(tables, cube, SHORTEST_UP_TO) ?? fewTurns(tables, cube, EFFORT);
}
