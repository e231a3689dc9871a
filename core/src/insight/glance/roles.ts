import type { Side } from '../../puzzle/cube/index.js';
import type { Role } from '../../teaching/approaches/index.js';

/** The colours by role, by the side of the hold that has them in the middle. */
export function roleOfFace(face: Side, firstUp: boolean): Role {
  const ends = firstUp ? (['first', 'opposite'] as const) : (['opposite', 'first'] as const);
  return ([ends[0], 'right', 'front', ends[1], 'left', 'back'] as const)[face]!;
}
