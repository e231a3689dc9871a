import type { Cube, Turn } from './puzzle/cube/index.js';
import { cubeAfter, isWholeCube, knownMoves, type Move } from './puzzle/notation/index.js';

/** Moves that a spec knows to be well written. */
export const moves = (text: string): Move[] => knownMoves(text);

/** Turns of sides that a spec knows to be well written. */
export const turns = (text: string): Turn[] =>
  moves(text).filter((move): move is Turn => !isWholeCube(move));

/** The cube these turns lead to from solved, white up and green in front. */
export const cubeBy = (text: string): Cube => cubeAfter(moves(text));
