import { HOME_HOLD } from './cube/holds.js';
import { solvedCube, type Cube } from './cube/cube.js';
import { applyMoves, type Move } from './notation/moves.js';
import { readMoves } from './notation/read.js';

/** Moves that a spec knows to be well written. */
export function moves(text: string): Move[] {
  const read = readMoves(text);
  if (!read.ok) throw new Error(read.error.message);
  return read.value;
}

/** The cube these turns lead to from solved, white up and green in front. */
export function cubeAfter(text: string): Cube {
  const cube = solvedCube();
  applyMoves(cube, HOME_HOLD, moves(text));
  return cube;
}
