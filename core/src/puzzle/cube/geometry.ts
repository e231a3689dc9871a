import { type Side, SIDES } from './sides.js';

/** A point or direction: x to the right, y up, z towards the person, white up and green in front. */
export type Vector = readonly [number, number, number];

/** The outward direction of each side, by side number. */
export const NORMALS: readonly Vector[] = [
  [0, 1, 0],
  [1, 0, 0],
  [0, 0, 1],
  [0, -1, 0],
  [-1, 0, 0],
  [0, 0, -1],
];

/** Reading directions of each side: where its columns and its rows run, by side number. */
const READING: readonly { columns: Vector; rows: Vector }[] = [
  { columns: [1, 0, 0], rows: [0, 0, 1] },
  { columns: [0, 0, -1], rows: [0, -1, 0] },
  { columns: [1, 0, 0], rows: [0, -1, 0] },
  { columns: [1, 0, 0], rows: [0, 0, -1] },
  { columns: [0, 0, 1], rows: [0, -1, 0] },
  { columns: [-1, 0, 0], rows: [0, -1, 0] },
];

const add = (a: Vector, b: Vector, k: number): Vector => [
  a[0] + b[0] * k,
  a[1] + b[1] * k,
  a[2] + b[2] * k,
];

const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** `v` after a quarter turn about `axis`, clockwise as seen looking at the tip of `axis`. */
export function quarterTurn(v: Vector, axis: Vector): Vector {
  return add(cross(v, axis), axis, dot(v, axis));
}

/**
 * The 54 stickers. Sticker `9·side + 3·row + column` is read as the Cube document reads it;
 * `piece` is the position of the small cube that carries it (each coordinate −1, 0 or 1).
 */
export const STICKERS: readonly { side: Side; piece: Vector }[] = SIDES.flatMap((side) =>
  Array.from({ length: 9 }, (_, k) => {
    const { columns, rows } = READING[side]!;
    const row = Math.floor(k / 3);
    return { side, piece: add(add(NORMALS[side]!, columns, (k % 3) - 1), rows, row - 1) };
  }),
);

export const sideOfNormal = (normal: Vector): Side =>
  NORMALS.findIndex((n) => dot(n, normal) === 1) as Side;

/** The sticker on `side` of the small cube at `piece`, or −1. */
export const stickerAt = (side: Side, piece: Vector): number =>
  STICKERS.findIndex((s) => s.side === side && s.piece.every((c, axis) => c === piece[axis]));

/** Where each sticker goes when the stickers chosen by `moves` are turned about a side's axis. */
export function stickerTargets(axis: Side, moves: (piece: Vector) => boolean): Uint8Array {
  const normal = NORMALS[axis]!;
  return Uint8Array.from(STICKERS, ({ side, piece }, index) =>
    moves(piece)
      ? stickerAt(sideOfNormal(quarterTurn(NORMALS[side]!, normal)), quarterTurn(piece, normal))
      : index,
  );
}
