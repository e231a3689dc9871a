import type { Position } from '@sleetcrest/contract';
import {
  applyTurn,
  copyCube,
  type Cube,
  isWholeCube,
  sameCube,
  sideOfTurn,
  turnInHold,
  turnOf,
} from '@sleetcrest/core';
import { back, forward, stateAt, type Timeline } from '../../../subjects/walk';

/** Where a cube that was turned by hand is on the walk. */
export type Followed =
  /** It is as the walk has it at this position. */
  | { kind: 'on-the-walk'; position: Position }
  /** Half of a half turn is done: it may still go on. */
  | { kind: 'half-way' }
  /** It is nowhere near on the walk. */
  | { kind: 'slipped' };

/** How many moves ahead and back the walk is looked along; those of the whole cube among them. */
const AHEAD = 7;
const BACK = 6;

/** Positions from here on, nearest first: here, the next ones, then those before. */
function nearby(timeline: Timeline, from: Position): Position[] {
  const positions = [from];
  let ahead = from;
  let behind = from;
  for (let k = 0; k < AHEAD; k++) positions.push((ahead = forward(timeline, ahead)));
  for (let k = 0; k < BACK; k++) positions.push((behind = back(timeline, behind)));
  return positions;
}

/** The position at which the walk's cube is this one, near where the walk stands. */
export function follow(timeline: Timeline, from: Position, cube: Cube): Followed {
  const position = nearby(timeline, from).find((one) =>
    sameCube(stateAt(timeline, one).cube, cube),
  );
  if (position) return { kind: 'on-the-walk', position };
  return isHalfWay(timeline, from, cube) ? { kind: 'half-way' } : { kind: 'slipped' };
}

/** Whether the next turn is a half turn, and the cube is a quarter into it either way. */
function isHalfWay(timeline: Timeline, from: Position, cube: Cube): boolean {
  const frame = timeline.frames[from.step];
  let position = from;
  let move = frame?.moves[position.turn];
  // A whole-cube turn is not felt by the cube; at a step's end the next step's turn comes.
  for (let k = 0; k < AHEAD && (move === undefined || isWholeCube(move)); k++) {
    position = forward(timeline, position);
    move = timeline.frames[position.step]?.moves[position.turn];
  }
  if (move === undefined || isWholeCube(move) || move % 3 !== 1) return false;
  const { cube: before, hold } = stateAt(timeline, position);
  const side = sideOfTurn(turnInHold(hold, move));
  return [1, 3].some((quarters) => {
    const turned = copyCube(before);
    applyTurn(turned, turnOf(side, quarters));
    return sameCube(turned, cube);
  });
}
