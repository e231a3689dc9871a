import {
  colourOfValue,
  CORNER_COUNT,
  type Filled,
  PLACES,
  STICKER_COUNT,
  STICKER_PLACE,
  UNSEEN,
  VALUES,
} from '../../puzzle/cube/index.js';
import { fillings } from './fillings.js';

const COLOURS = 6;

/** What a cube that is partly seen can still be. */
export interface Possible {
  /** How many legal cubes have these stickers; 0 when none has. */
  cubes: number;
  /** `sticker·6 + colour`: how many of them have that colour there. */
  having: Float64Array;
}

// The last count of each kind, since a stroke changes the stickers of one kind only.
const last: Record<'corner' | 'edge', { key: string; made: Filled } | undefined> = {
  corner: undefined,
  edge: undefined,
};

const STICKERS = {
  corner: Array.from({ length: STICKER_COUNT }, (_, s) => s).filter((s) => isCorner(s)),
  edge: Array.from({ length: STICKER_COUNT }, (_, s) => s).filter(
    (s) => STICKER_PLACE[s]! >= CORNER_COUNT,
  ),
};

function isCorner(sticker: number): boolean {
  return STICKER_PLACE[sticker]! >= 0 && STICKER_PLACE[sticker]! < CORNER_COUNT;
}

function remembered(kind: 'corner' | 'edge', painted: ArrayLike<number>): Filled {
  const key = STICKERS[kind].map((sticker) => painted[sticker]! + 1).join('');
  const known = last[kind];
  if (known?.key === key) return known.made;
  const made = fillings(kind, painted);
  last[kind] = { key, made };
  return made;
}

/** All legal cubes that have the stickers seen (−1 where not), counted. */
export function possible(painted: ArrayLike<number>): Possible {
  const corners = remembered('corner', painted);
  const edges = remembered('edge', painted);
  const having = new Float64Array(STICKER_COUNT * COLOURS);
  for (const { index, stickers } of PLACES) {
    const isCornerPlace = index < CORNER_COUNT;
    const [own, other] = isCornerPlace ? [corners, edges] : [edges, corners];
    const offset = (isCornerPlace ? index : index - CORNER_COUNT) * VALUES;
    for (let value = 0; value < VALUES; value++) {
      const count =
        own.having[0][offset + value]! * other.total[0] +
        own.having[1][offset + value]! * other.total[1];
      if (count === 0) continue;
      stickers.forEach((sticker, slot) => {
        having[sticker * COLOURS + colourOfValue(index, value, slot)]! += count;
      });
    }
  }
  const cubes = corners.total[0] * edges.total[0] + corners.total[1] * edges.total[1];
  return { cubes, having };
}

/**
 * The stickers that follow from those seen: where all legal cubes that have these agree. Stickers
 * seen stay as they are, and what is still open is −1. Nothing follows from stickers that no
 * legal cube has.
 */
export function inferred(painted: ArrayLike<number>): Int8Array {
  const known = Int8Array.from(painted);
  const { cubes, having } = possible(painted);
  if (cubes === 0) return known;
  for (let sticker = 0; sticker < STICKER_COUNT; sticker++) {
    if (known[sticker] !== UNSEEN) continue;
    const colours = having.subarray(sticker * COLOURS, (sticker + 1) * COLOURS);
    const first = colours.findIndex((count) => count > 0);
    if (colours.every((count, colour) => count === 0 || colour === first)) known[sticker] = first;
  }
  return known;
}
