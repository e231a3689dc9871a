import type { Cube } from '../cube/cube.js';
import { turnHold, turnInHold, type Hold } from '../cube/holds.js';
import { applyTurn, inverseTurn, TURN_COUNT } from '../cube/turns.js';

/**
 * A move as written: 0…17 is a turn of a side of the hold (numbered as in `cube/turns`), 18…26 a
 * turn of the whole cube, `18 + 3·axis + quarters − 1` with axis 0…2 for `x y z`.
 */
export type Move = number;

export const isWholeCube = (move: Move): boolean => move >= TURN_COUNT;

/** For a whole-cube move: its axis (0…2 for `x y z`). */
export const axisOf = (move: Move): number => ((move - TURN_COUNT) / 3) | 0;

export const quartersOf = (move: Move): number => (move % 3) + 1;

export const invertMove = (move: Move): Move =>
  isWholeCube(move) ? move + 2 - 2 * (move % 3) : inverseTurn(move);

/** The count of turns: a quarter or half turn of a side is one, a whole-cube turn none. */
export const countTurns = (moves: readonly Move[]): number =>
  moves.reduce((count, move) => (isWholeCube(move) ? count : count + 1), 0);

/** Does the moves in place from that hold, and gives the hold afterwards. */
export function applyMoves(cube: Cube, hold: Hold, moves: readonly Move[]): Hold {
  let now = hold;
  for (const move of moves) {
    if (isWholeCube(move)) now = turnHold(now, axisOf(move), quartersOf(move));
    else applyTurn(cube, turnInHold(now, move));
  }
  return now;
}

/** The moves that undo these. */
export const invertMoves = (moves: readonly Move[]): Move[] => [...moves].reverse().map(invertMove);
