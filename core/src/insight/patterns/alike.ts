import { type Cube, paintStickers, STICKER_COUNT } from '../../puzzle/cube/index.js';

const SIDE = 9;
/** Where each sticker of a side goes as the side is turned a quarter. */
const TURNED = [6, 3, 0, 7, 4, 1, 8, 5, 2];

/** A side as its pattern alone: colours numbered in the order they are met, turned as it reads least. */
function shapeOf(stickers: Uint8Array, side: number): string {
  let cells = Array.from(stickers.subarray(side * SIDE, (side + 1) * SIDE));
  let least = '';
  for (let quarter = 0; quarter < 4; quarter++) {
    const met = new Map<number, number>([[cells[4]!, 0]]);
    const shape = cells
      .map((colour) => {
        if (!met.has(colour)) met.set(colour, met.size);
        return met.get(colour)!;
      })
      .join('');
    if (least === '' || shape < least) least = shape;
    cells = TURNED.map((from) => cells[from]!);
  }
  return least;
}

/** The pattern that all six sides show, whatever the colours and however turned; null if they differ. */
export function sidesAlike(cube: Cube): string | null {
  const stickers = new Uint8Array(STICKER_COUNT);
  paintStickers(cube, stickers);
  const first = shapeOf(stickers, 0);
  for (let side = 1; side < 6; side++) if (shapeOf(stickers, side) !== first) return null;
  return first;
}
