import { applyTurn, type Cube, type Hold, HOME_HOLD, turnInHold } from '../../puzzle/cube/index.js';
import { cubeAfter, isWholeCube, readMoves } from '../../puzzle/notation/index.js';
import type { Review } from './review.js';

/** A reviewed solve as it stands after some of its turns. */
export interface AtPosition {
  readonly cube: Cube;
  /** As it is held for the next turn, so that picture and turns are read alike. */
  readonly hold: Hold;
}

/**
 * A solve after so many of the turns of its review.
 * @param scramble turns from solved, as text; one that cannot be read is none
 * @param review null while there is none: the cube as it was mixed
 */
export function atPosition(
  scramble: string,
  review: Pick<Review, 'turns' | 'holds'> | null,
  position: number,
): AtPosition {
  const mixing = readMoves(scramble);
  const cube = cubeAfter(mixing.ok ? mixing.value : []);
  if (!review) return { cube, hold: HOME_HOLD };
  const { turns, holds } = review;
  turns.slice(0, position).forEach((turn, k) => {
    const read = readMoves(turn);
    const move = read.ok ? read.value[0] : undefined;
    if (move !== undefined && !isWholeCube(move)) applyTurn(cube, turnInHold(holds[k]!, move));
  });
  return { cube, hold: holds[Math.min(position, holds.length - 1)] ?? HOME_HOLD };
}
