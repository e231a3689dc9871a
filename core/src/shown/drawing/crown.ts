/**
 * The crown's drawing: looking straight down on the upper side, the four sides flared outward as
 * trapezoids, the underside as a tile of its own in the corner. All in units of the view box.
 */
export const CROWN_SIZE = 468;

const MIDDLE = 210;
const CELL = 50.4;
const HALF = 1.5 * CELL;
const GAP = 4;
/** How far out each row of a side begins and ends, and how wide the side is there. */
const DEPTHS = [HALF + GAP, HALF + 43.9, HALF + 79.6, HALF + 111.1];
const WIDTHS = [HALF, HALF + 16.1, HALF + 32.2, HALF + 48.3];
const UNDER = { left: 344, top: 340, cell: 36 };

interface Point {
  x: number;
  y: number;
}

/** One sticker's outline and the middle of it, by sticker number of the hold. */
export interface StickerShape {
  points: string;
  middle: Point;
  side: number;
}

type Corners = [Point, Point, Point, Point];

/** A sticker of the front side: row 0 is next to the upper side, columns run left to right. */
function frontCorners(row: number, column: number): Corners {
  const at = (edge: number, step: number): Point => ({
    x: MIDDLE + WIDTHS[edge]! * ((step * 2) / 3 - 1),
    y: MIDDLE + DEPTHS[edge]!,
  });
  return [at(row, column), at(row, column + 1), at(row + 1, column + 1), at(row + 1, column)];
}

/** Turns a point about the middle of the upper side by quarters, clockwise on the page. */
function turned({ x, y }: Point, quarters: number): Point {
  let [dx, dy] = [x - MIDDLE, y - MIDDLE];
  for (let k = 0; k < quarters; k++) [dx, dy] = [-dy, dx];
  return { x: MIDDLE + dx, y: MIDDLE + dy };
}

function square(left: number, top: number, cell: number): Corners {
  const [right, bottom] = [left + cell, top + cell];
  return [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
}

/** How each side that is seen flared is turned from the front, by side number (`U R F D L B`). */
const FLARED: Record<number, number> = { 2: 0, 4: 1, 5: 2, 1: 3 };

function corners(side: number, row: number, column: number): Corners {
  if (side === 0) {
    return square(MIDDLE - HALF + column * CELL, MIDDLE - HALF + row * CELL, CELL);
  }
  if (side === 3) {
    return square(UNDER.left + column * UNDER.cell, UNDER.top + row * UNDER.cell, UNDER.cell);
  }
  return frontCorners(row, column).map((point) => turned(point, FLARED[side]!)) as Corners;
}

const round = (value: number): number => Math.round(value * 10) / 10;

/** All 54 stickers, by number. */
export const CROWN_SHAPES: readonly StickerShape[] = Array.from({ length: 54 }, (_, sticker) => {
  const side = Math.floor(sticker / 9);
  const four = corners(side, Math.floor((sticker % 9) / 3), sticker % 3);
  return {
    points: four.map(({ x, y }) => `${round(x)},${round(y)}`).join(' '),
    middle: {
      x: round(four.reduce((sum, { x }) => sum + x, 0) / 4),
      y: round(four.reduce((sum, { y }) => sum + y, 0) / 4),
    },
    side,
  };
});
