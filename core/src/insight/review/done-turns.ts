import {
  applyTurn,
  copyCube,
  CORNERS,
  type Cube,
  type Hold,
  HOME_HOLD,
  pieceAt,
  quartersOfTurn,
  sameCube,
  type Side,
  SIDES,
  type Turn,
  turnOf,
} from '../../puzzle/cube/index.js';
import { cubeAfter, type Move, ownTurns } from '../../puzzle/notation/index.js';

/** A solve as it was done: the cube after each turn, `cubes[k]` after `k` of them. */
export interface DoneSolve {
  /** Turns of the cube's own sides, as they came: a device tells a half turn as two quarters. */
  turns: readonly Turn[];
  /** The hold each turn was done in, as far as whole-cube turns were told. */
  holds: readonly Hold[];
  cubes: readonly Cube[];
}

/** Follows the turns of a solve from the cube that the scramble leads to. */
export function followSolve(scramble: readonly Move[], moves: readonly Move[]): DoneSolve {
  const start = cubeAfter(scramble);
  const { turns, holds } = ownTurns(HOME_HOLD, moves);
  const cubes = [start];
  for (const turn of turns) {
    const next = copyCube(cubes[cubes.length - 1]!);
    applyTurn(next, turn);
    cubes.push(next);
  }
  return { turns, holds, cubes };
}

/** The count of turns between two positions; two quarters the same way are one half turn. */
export function countDone({ turns }: DoneSolve, from: number, to: number): number {
  let count = 0;
  for (let at = from; at < to; at++) {
    count++;
    const turn = turns[at]!;
    if (at + 1 < to && turns[at + 1] === turn && quartersOfTurn(turn) !== 2) at++;
  }
  return count;
}

/** The cube with one layer turned by each number of quarters, 0 first. */
export function layerTurned(layer: Side, cube: Cube): Cube[] {
  return [0, 1, 2, 3].map((quarters) => {
    const turned = copyCube(cube);
    if (quarters > 0) applyTurn(turned, turnOf(layer, quarters));
    return turned;
  });
}

/** The corner places of each layer. */
const CORNERS_OF = SIDES.map((layer) =>
  CORNERS.filter(({ sides }) => sides.includes(layer)).map(({ index }) => index),
);

/**
 * A cube told so that turning one layer changes nothing: with the layer turned so that of its
 * corners the one with the lowest number is in the first place.
 */
export function keyBut(layer: Side, cube: Cube): string {
  const places = CORNERS_OF[layer]!;
  const turned = copyCube(cube);
  const lowest = Math.min(...places.map((place) => pieceAt(cube, place)));
  while (pieceAt(turned, places[0]!) !== lowest) applyTurn(turned, turnOf(layer, 1));
  return String.fromCharCode(...turned);
}

/** Where the same cube is met again, at most so many turns later; the latest such. */
export function cameBack(cubes: readonly Cube[], from: number, within: number): number | undefined {
  const last = Math.min(cubes.length - 1, from + within);
  for (let k = last; k > from; k--) if (sameCube(cubes[k]!, cubes[from]!)) return k;
  return undefined;
}
