import { CROWN_SHAPES } from '@sleetcrest/core';
import { SAY } from './words';

type Point = (typeof CROWN_SHAPES)[number]['middle'];

const ARROWS: Record<string, Point> = {
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
};

/** The sticker one comes to from another by an arrow key; the same one at the edge. */
export function neighbour(from: number, key: string): number {
  const way = ARROWS[key];
  const { middle } = CROWN_SHAPES[from]!;
  let best = from;
  let least = Infinity;
  CROWN_SHAPES.forEach((shape, sticker) => {
    if (!way || sticker === from) return;
    const [dx, dy] = [shape.middle.x - middle.x, shape.middle.y - middle.y];
    const ahead = dx * way.x + dy * way.y;
    const aside = Math.abs(dx * way.y) + Math.abs(dy * way.x);
    // Straight ahead first; going aside costs more, and going back is not going.
    const cost = ahead + aside * 2.2;
    if (ahead > 8 && aside < ahead * 1.6 && cost < least) {
      best = sticker;
      least = cost;
    }
  });
  return best;
}

/** Stickers in the order one reads a cube: top, front, right, back, left, underside; no centres. */
export const READING_ORDER: readonly number[] = [0, 2, 1, 5, 4, 3].flatMap((side) =>
  [0, 1, 2, 3, 5, 6, 7, 8].map((k) => side * 9 + k),
);

/** The sticker to paint after this one. */
export const nextToPaint = (sticker: number): number =>
  READING_ORDER[(READING_ORDER.indexOf(sticker) + 1) % READING_ORDER.length] ?? sticker;

const SIDE_NAMES = [SAY.top, SAY.rightSide, SAY.front, SAY.underside, SAY.leftSide, SAY.back];

const ON_SIDE = [
  SAY.onTheTop,
  SAY.onTheRightSide,
  SAY.onTheFront,
  SAY.underneath,
  SAY.onTheLeftSide,
  SAY.onTheBack,
];

/** Where a sticker is, in a sentence: “on the front, in row 1, column 3”. */
export const stickerWords = (sticker: number): string =>
  SAY.inPlace({ side: ON_SIDE[Math.floor(sticker / 9)]!, place: placeOnSide(sticker) });

/** A picture as it is read aloud: each side that shows anything, row by row. */
export function sidesRead(stickers: readonly (string | null)[]): string[] {
  return SIDE_NAMES.flatMap((name, side) => {
    const rows = [0, 3, 6].map((row) =>
      [0, 1, 2].map((column) => stickers[side * 9 + row + column] ?? SAY.anything).join(', '),
    );
    const shows = stickers.slice(side * 9, side * 9 + 9).some((one, k) => one !== null && k !== 4);
    return shows ? [SAY.rows({ side: name, rows: rows.join('; ') })] : [];
  });
}

/** Where a sticker is on its side, as the side is read. */
export function placeOnSide(sticker: number): string {
  const [row, column] = [Math.floor((sticker % 9) / 3) + 1, (sticker % 3) + 1];
  return sticker % 9 === 4 ? SAY.centre : SAY.rowColumn({ row, column });
}

/** Where a sticker is, for those who do not see the picture. */
export const stickerPlace = (sticker: number): string =>
  SAY.place({ side: SIDE_NAMES[Math.floor(sticker / 9)]!, place: placeOnSide(sticker) });
