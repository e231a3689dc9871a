import { dot, NORMALS, quarterTurn, stickerAt, type Vector } from './geometry.js';
import { type Side, SIDE_LETTERS, sideOfLetter } from './sides.js';

/**
 * The places where pieces sit, and the pieces named by their home place.
 *
 * Places 0…7 are corners, 8…19 edges. A name runs up/down, front/back, right/left, as one says
 * "top front right": `UFR`, `DB`, `FL`. Each place lists its stickers from a reference sticker:
 * for a corner the one on the upper or lower side and on clockwise as seen from outside; for an
 * edge the one on the upper or lower side, or else on the front or back.
 */
export interface Place {
  readonly name: string;
  readonly index: number;
  /** The sides it lies on, reference side first. */
  readonly sides: readonly Side[];
  /** Sticker numbers, in the order of `sides`. */
  readonly stickers: readonly number[];
}

export const CORNER_COUNT = 8;
export const EDGE_COUNT = 12;
export const PLACE_COUNT = CORNER_COUNT + EDGE_COUNT;

const CORNER_NAMES = ['UFR', 'UFL', 'UBL', 'UBR', 'DFR', 'DFL', 'DBL', 'DBR'];
const EDGE_NAMES = ['UF', 'UL', 'UB', 'UR', 'FR', 'FL', 'BL', 'BR', 'DF', 'DL', 'DB', 'DR'];

const sum = (name: string): Vector =>
  [0, 1, 2].map((axis) =>
    [...name].reduce((total, letter) => total + NORMALS[SIDE_LETTERS.indexOf(letter)]![axis]!, 0),
  ) as unknown as Vector;

function placeOf(name: string, index: number): Place {
  const piece = sum(name);
  let sides: Side[] = [...name].map(sideOfLetter);
  if (sides.length === 3) {
    // Clockwise about the diagonal: keep the order if the triple product says so, else swap.
    const [a, b, c] = sides.map((side) => NORMALS[side]!) as [Vector, Vector, Vector];
    const clockwise = dot(quarterTurn(b, a), c) === 1;
    if (!clockwise) sides = [sides[0]!, sides[2]!, sides[1]!];
  }
  return { name, index, sides, stickers: sides.map((side) => stickerAt(side, piece)) };
}

/** All twenty places, corners first. */
export const PLACES: readonly Place[] = [...CORNER_NAMES, ...EDGE_NAMES].map(placeOf);
export const CORNERS: readonly Place[] = PLACES.slice(0, CORNER_COUNT);
export const EDGES: readonly Place[] = PLACES.slice(CORNER_COUNT);

/** Which place and which of its stickers a sticker number belongs to; centres have place −1. */
export const STICKER_PLACE = new Int8Array(54).fill(-1);
export const STICKER_SLOT = new Uint8Array(54);
for (const place of PLACES) {
  place.stickers.forEach((sticker, slot) => {
    STICKER_PLACE[sticker] = place.index;
    STICKER_SLOT[sticker] = slot;
  });
}

const placesByName = new Map(PLACES.map((place) => [place.name, place]));

/** The place of that name (letters in any order), or undefined. */
export function placeNamed(name: string): Place | undefined {
  const direct = placesByName.get(name);
  if (direct) return direct;
  const letters = [...name].sort().join('');
  return PLACES.find((place) => [...place.name].sort().join('') === letters);
}

/** The place lying on exactly these sides, or undefined. */
export const placeOnSides = (sides: readonly Side[]): Place | undefined =>
  PLACES.find(
    (place) => place.sides.length === sides.length && sides.every((s) => place.sides.includes(s)),
  );

/** The stickers of one side's turning layer: the 21 on the small cubes whose centre is `side`. */
export const inLayer =
  (side: Side) =>
  (piece: Vector): boolean =>
    dot(piece, NORMALS[side]!) === 1;
