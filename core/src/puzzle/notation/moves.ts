import {
  applyTurn,
  type Branded,
  type Cube,
  type Hold,
  HOME_HOLD,
  inverseTurn,
  solvedCube,
  type Turn,
  TURN_COUNT,
  turnHold,
  turnInHold,
} from '../cube/index.js';

/**
 * A move as written: 0…17 is a turn of a side of the hold (numbered as in `cube/turns`), 18…26 a
 * turn of the whole cube, `18 + 3·axis + quarters − 1` with axis 0…2 for `x y z`.
 */
export type Move = Turn | WholeTurn;
export type WholeTurn = Branded<'whole turn'>;

/** All moves there are: the turns of the sides, then those of the whole cube. */
export const MOVES: readonly Move[] = Array.from(
  { length: TURN_COUNT + 9 },
  (_, move) => move as Move,
);

/** A turn of the whole cube about an axis, 0…2 for `x y z`, by one to three quarters. */
export const wholeTurn = (axis: number, quarters: number): WholeTurn =>
  (TURN_COUNT + 3 * axis + quarters - 1) as WholeTurn;

export const isWholeCube = (move: Move): move is WholeTurn => move >= TURN_COUNT;

/** For a whole-cube move: its axis (0…2 for `x y z`). */
export const axisOf = (move: Move): number => ((move - TURN_COUNT) / 3) | 0;

export const quartersOf = (move: Move): number => (move % 3) + 1;

export const invertMove = (move: Move): Move =>
  isWholeCube(move) ? ((move + 2 - 2 * (move % 3)) as WholeTurn) : inverseTurn(move);

/** The count of turns: a quarter or half turn of a side is one, a whole-cube turn none. */
export const countTurns = (moves: readonly Move[]): number =>
  moves.reduce((count, move) => (isWholeCube(move) ? count : count + 1), 0);

/** The hold after a move: another one when it turns the whole cube. */
export const holdAfter = (hold: Hold, move: Move): Hold =>
  isWholeCube(move) ? turnHold(hold, axisOf(move), quartersOf(move)) : hold;

/** Does the moves in place from that hold, and gives the hold afterwards. */
export function applyMoves(cube: Cube, hold: Hold, moves: readonly Move[]): Hold {
  let now = hold;
  for (const move of moves) {
    if (!isWholeCube(move)) applyTurn(cube, turnInHold(now, move));
    now = holdAfter(now, move);
  }
  return now;
}

/** The moves that undo these. */
export const invertMoves = (moves: readonly Move[]): Move[] => [...moves].reverse().map(invertMove);

/** Moves done from a hold: the turns of the cube's own sides, the hold of each, and that at the end. */
export interface OwnTurns {
  turns: Turn[];
  holds: Hold[];
  holdAfter: Hold;
}

/** Moves said in a hold as turns of the cube's own sides; turning the whole cube turns none. */
export function ownTurns(hold: Hold, moves: readonly Move[]): OwnTurns {
  const done: OwnTurns = { turns: [], holds: [], holdAfter: hold };
  for (const move of moves) {
    if (!isWholeCube(move)) {
      done.turns.push(turnInHold(done.holdAfter, move));
      done.holds.push(done.holdAfter);
    }
    done.holdAfter = holdAfter(done.holdAfter, move);
  }
  return done;
}

/** The cube that moves lead to from solved, white up and green in front. */
export function cubeAfter(moves: readonly Move[]): Cube {
  const cube = solvedCube();
  applyMoves(cube, HOME_HOLD, moves);
  return cube;
}
