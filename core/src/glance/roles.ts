import type { Role } from '../approaches/approach.js';
import type { Side } from '../cube/sides.js';

/** The colours by role, by the side of the hold that has them in the middle. */
export function roleOfFace(face: Side, firstUp: boolean): Role {
  const ends = firstUp ? (['first', 'opposite'] as const) : (['opposite', 'first'] as const);
  return ([ends[0], 'right', 'front', ends[1], 'left', 'back'] as const)[face]!;
}
