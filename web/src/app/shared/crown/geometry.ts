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

export interface Point {
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

const SIDE_NAMES = ['top', 'right side', 'front', 'underside', 'left side', 'back'];

/** Where a sticker is, for those who do not see the picture. */
export function stickerPlace(sticker: number): string {
  const [row, column] = [Math.floor((sticker % 9) / 3) + 1, (sticker % 3) + 1];
  const side = SIDE_NAMES[Math.floor(sticker / 9)]!;
  return sticker % 9 === 4 ? `${side}, centre` : `${side}, row ${row}, column ${column}`;
}
