import type { Cube } from './cube/cube.js';
import type { Turn } from './cube/turns.js';
import { cubeAfter, isWholeCube, type Move } from './notation/moves.js';
import { knownMoves } from './notation/read.js';

/** Moves that a spec knows to be well written. */
export const moves = (text: string): Move[] => knownMoves(text);

/** Turns of sides that a spec knows to be well written. */
export const turns = (text: string): Turn[] =>
  moves(text).filter((move): move is Turn => !isWholeCube(move));

/** The cube these turns lead to from solved, white up and green in front. */
export const cubeBy = (text: string): Cube => cubeAfter(moves(text));
