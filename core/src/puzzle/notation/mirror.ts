import { LEFT, RIGHT, sideOfTurn, turnOf } from '../cube/index.js';
import { axisOf, invertMove, isWholeCube, type Move } from './moves.js';

/** The same moves with the other hand: left and right exchanged, every turn reversed. */
export const mirrorMoves = (moves: readonly Move[]): Move[] =>
  moves.map((move) => {
    // Turning the whole cube as the right side does looks the same in the mirror.
    if (isWholeCube(move)) return axisOf(move) === 0 ? move : invertMove(move);
    const side = sideOfTurn(move);
    const seen = side === RIGHT ? LEFT : side === LEFT ? RIGHT : side;
    return turnOf(seen, 3 - (move % 3));
  });
