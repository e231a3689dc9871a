import type { Cube } from './cube/cube.js';
import { cubeAfter, type Move } from './notation/moves.js';
import { readMoves } from './notation/read.js';

/** Moves that a spec knows to be well written. */
export function moves(text: string): Move[] {
  const read = readMoves(text);
  if (!read.ok) throw new Error(read.error.message);
  return read.value;
}

/** The cube these turns lead to from solved, white up and green in front. */
export const cubeBy = (text: string): Cube => cubeAfter(moves(text));
