import type { Cube } from './cube/cube.js';
import type { Turn } from './cube/turns.js';
import { cubeAfter, isWholeCube, type Move } from './notation/moves.js';
import { readMoves } from './notation/read.js';

/** Moves that a spec knows to be well written. */
export function moves(text: string): Move[] {
  const read = readMoves(text);
  if (!read.ok) throw new Error(read.error.message);
  return read.value;
}

/** Turns of sides that a spec knows to be well written. */
export const turns = (text: string): Turn[] =>
  moves(text).filter((move): move is Turn => !isWholeCube(move));

/** The cube these turns lead to from solved, white up and green in front. */
export const cubeBy = (text: string): Cube => cubeAfter(moves(text));
