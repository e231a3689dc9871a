import { CORNER_COUNT, PLACE_COUNT, PLACES, STICKER_PLACE, STICKER_SLOT } from './pieces.js';
import type { Side } from './sides.js';

/**
 * A cube's state: 20 bytes, one per place. A corner place holds `3·piece + twist`, an edge place
 * `2·(piece − 8) + flip`. The piece's reference sticker sits at sticker `twist` (or `flip`) of the
 * place. Centres never move, so a hold is no part of the state.
 */
export type Cube = Uint8Array;

const SOLVED: Cube = Uint8Array.from({ length: PLACE_COUNT }, (_, place) =>
  place < CORNER_COUNT ? place * 3 : (place - CORNER_COUNT) * 2,
);

export const solvedCube = (): Cube => SOLVED.slice();

export const copyCube = (cube: Cube): Cube => cube.slice();

export function sameCube(a: Cube, b: Cube): boolean {
  for (let place = 0; place < PLACE_COUNT; place++) if (a[place] !== b[place]) return false;
  return true;
}

export const isSolved = (cube: Cube): boolean => sameCube(cube, SOLVED);

/** Whether the piece at `place` is at home there, twisted right. */
export const isHome = (cube: Cube, place: number): boolean => cube[place] === SOLVED[place];

/** The piece (numbered by its home place) sitting at `place`. */
export const pieceAt = (cube: Cube, place: number): number =>
  place < CORNER_COUNT ? (cube[place]! / 3) | 0 : CORNER_COUNT + (cube[place]! >> 1);

/** The place where a piece (numbered by its home place) sits. */
export function placeOfPiece(cube: Cube, piece: number): number {
  const [start, end] = piece < CORNER_COUNT ? [0, CORNER_COUNT] : [CORNER_COUNT, PLACE_COUNT];
  for (let place = start; place < end; place++) if (pieceAt(cube, place) === piece) return place;
  throw new RangeError(`no place holds piece ${piece}`);
}

/** How far the piece at `place` is twisted (0…2) or flipped (0…1). */
export const twistAt = (cube: Cube, place: number): number =>
  place < CORNER_COUNT ? cube[place]! % 3 : cube[place]! & 1;

/** The byte a cube holds at a place where `piece` sits with that twist. */
export const placeValue = (piece: number, twist: number): number =>
  piece < CORNER_COUNT ? piece * 3 + twist : (piece - CORNER_COUNT) * 2 + twist;

/**
 * The cube reached by doing what leads from solved to `a`, then what leads from solved to `b`.
 */
export function compose(a: Cube, b: Cube): Cube {
  const result = new Uint8Array(PLACE_COUNT);
  composeInto(a, b, result, 0);
  return result;
}

/** The same, written into `result` from an offset on; no allocation. */
export function composeInto(a: Cube, b: Cube, result: Uint8Array, offset: number): void {
  for (let place = 0; place < CORNER_COUNT; place++) {
    const moved = b[place]!;
    const value = a[(moved / 3) | 0]!;
    const twist = value % 3;
    result[offset + place] = value - twist + ((twist + (moved % 3)) % 3);
  }
  for (let place = CORNER_COUNT; place < PLACE_COUNT; place++) {
    const moved = b[place]!;
    result[offset + place] = a[CORNER_COUNT + (moved >> 1)]! ^ (moved & 1);
  }
}

/** The cube `b` for which `compose(cube, b)` is solved. */
export function inverse(cube: Cube): Cube {
  const result = new Uint8Array(PLACE_COUNT);
  for (let place = 0; place < PLACE_COUNT; place++) {
    const kinds = place < CORNER_COUNT ? 3 : 2;
    result[pieceAt(cube, place)] = placeValue(place, (kinds - twistAt(cube, place)) % kinds);
  }
  return result;
}

// COLOUR_OF[place-kind offset + value·3 + slot]: the colour a value shows at a sticker of its place.
const CORNER_COLOURS = new Uint8Array(24 * 3);
const EDGE_COLOURS = new Uint8Array(24 * 2);
for (const { index, sides } of PLACES) {
  const kinds = sides.length;
  for (let twist = 0; twist < kinds; twist++) {
    for (let slot = 0; slot < kinds; slot++) {
      const table = kinds === 3 ? CORNER_COLOURS : EDGE_COLOURS;
      table[placeValue(index, twist) * kinds + slot] = sides[(slot - twist + kinds) % kinds]!;
    }
  }
}

/** The colour that a place (0…19) holding a byte `value` shows at its sticker `slot`. */
export const colourOfValue = (place: number, value: number, slot: number): Side =>
  (place < CORNER_COUNT
    ? CORNER_COLOURS[value * 3 + slot]!
    : EDGE_COLOURS[value * 2 + slot]!) as Side;

/** The colour (as the side whose centre has it) that the cube shows at a sticker number. */
export function colourAt(cube: Cube, sticker: number): Side {
  const place = STICKER_PLACE[sticker]!;
  if (place < 0) return ((sticker / 9) | 0) as Side;
  return colourOfValue(place, cube[place]!, STICKER_SLOT[sticker]!);
}

// Flat copies of the places' sticker numbers, for the loop below.
const CORNER_STICKERS = Uint8Array.from(PLACES.slice(0, CORNER_COUNT).flatMap((p) => p.stickers));
const EDGE_STICKERS = Uint8Array.from(PLACES.slice(CORNER_COUNT).flatMap((p) => p.stickers));

/** Writes the colours of all 54 stickers into `stickers`; no allocation. */
export function paintStickers(cube: Cube, stickers: Uint8Array): void {
  for (let side = 0; side < 6; side++) stickers[side * 9 + 4] = side;
  for (let place = 0, s = 0; place < CORNER_COUNT; place++, s += 3) {
    const v = cube[place]! * 3;
    stickers[CORNER_STICKERS[s]!] = CORNER_COLOURS[v]!;
    stickers[CORNER_STICKERS[s + 1]!] = CORNER_COLOURS[v + 1]!;
    stickers[CORNER_STICKERS[s + 2]!] = CORNER_COLOURS[v + 2]!;
  }
  for (let place = CORNER_COUNT, s = 0; place < PLACE_COUNT; place++, s += 2) {
    const v = cube[place]! * 2;
    stickers[EDGE_STICKERS[s]!] = EDGE_COLOURS[v]!;
    stickers[EDGE_STICKERS[s + 1]!] = EDGE_COLOURS[v + 1]!;
  }
}
