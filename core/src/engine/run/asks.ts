import { colourOfValue, STICKER_PLACE, STICKER_SLOT } from '../../puzzle/cube/index.js';

/** The bit of a sticker that does not matter to the stage; the bits 0…5 are the colours. */
export const UNPAINTED = 6;

/** Every colour, and unpainted. */
export const ANYTHING = (1 << (UNPAINTED + 1)) - 1;

/** How many values a place may have: a corner's piece with its twist, or an edge's with its flip. */
const VALUES = 24;
/** The value of a place whose piece does not matter. */
export const COVERED = VALUES;

/** The values a place may have so that its sticker shows one of the colours of a mask, as a bit mask. */
function valuesShowing(sticker: number, mask: number): number {
  let values = ((mask >> UNPAINTED) & 1) << COVERED;
  const place = STICKER_PLACE[sticker]!;
  for (let value = 0; value < VALUES; value++) {
    const colour = colourOfValue(place, value, STICKER_SLOT[sticker]!);
    values |= ((mask >> colour) & 1) << value;
  }
  return values;
}

/** How many of the bits are set. */
export const countBits = (mask: number): number => mask.toString(2).replaceAll('0', '').length;

/**
 * What stickers ask of the places they are at, so that a cube can be asked without being painted.
 * `cells` are pairs of a sticker and its colours as a bit mask; given are pairs of a place and its
 * values as a bit mask, the most telling first: most cubes are then turned away by the first look.
 */
export function asksOf(cells: Uint8Array): Int32Array {
  const asks = new Map<number, number>();
  for (let k = 0; k < cells.length; k += 2) {
    const place = STICKER_PLACE[cells[k]!]!;
    const values = valuesShowing(cells[k]!, cells[k + 1]!);
    asks.set(place, (asks.get(place) ?? values) & values);
  }
  const telling = [...asks].sort(([, a], [, b]) => countBits(a) - countBits(b));
  return Int32Array.from(telling.flat());
}

/** Whether the places have what is asked of them; `values` by place, as a cube has them, or `COVERED`. */
export function matches(asks: Int32Array, values: Uint8Array): boolean {
  for (let k = 0; k < asks.length; k += 2) {
    if (((asks[k + 1]! >> values[asks[k]!]!) & 1) === 0) return false;
  }
  return true;
}
