import {
  BACK,
  copyCube,
  type Cube,
  FRONT,
  type Hold,
  inLayer,
  LEFT,
  paintStickers,
  RIGHT,
  type Side,
  SIDES,
  solvedCube,
  STICKER_PLACE,
  STICKER_TARGETS,
  STICKERS,
  turnOf,
  UP,
} from '../../puzzle/cube/index.js';
import {
  applyMoves,
  cubeAfter,
  knownMoves,
  SIDE_WORDS,
  wholeTurn,
} from '../../puzzle/notation/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { drawTurn } from '../drawing/index.js';

/** The cube that turns lead to from solved. */
export const after = (text: string): Cube => cubeAfter(knownMoves(text));
/** The stickers of the centres. */
export const CENTRES = STICKERS.flatMap((_, sticker) =>
  STICKER_PLACE[sticker]! < 0 ? [sticker] : [],
);

/** A cube of which a side shows one colour while its pieces are in the wrong places. */
export const FALSE_SIDE = after("R' F R' B2 R F' R' B2 R2");
/** A cube of which a whole layer is done and the rest is not. */
export const TRUE_LAYER = after("x2 U R U' R' U' F' U F R U R' U R U2 R'");

/** Whether every sticker of a side shows that side's colour. */
export function showsOneColour(cube: Cube, side: Side): boolean {
  const stickers = new Uint8Array(54);
  paintStickers(cube, stickers);
  return STICKERS.every((sticker, k) => sticker.side !== side || stickers[k] === side);
}

/** Whether the rim of a side's layer shows the colours of the centres beside it, and the side its own. */
export function rimFits(cube: Cube, side: Side): boolean {
  const stickers = new Uint8Array(54);
  paintStickers(cube, stickers);
  return STICKERS.every(({ side: of, piece }, k) => !inLayer(side)(piece) || stickers[k] === of);
}

/** Whether the layer of a side is done: its pieces are all where they belong. */
export const layerDone = (cube: Cube, side: Side): boolean => goalHolds(cube, 'corners', side);

/** A cube turned as a whole is the same cube. */
export function heldAnew(cube: Cube, hold: Hold): Cube {
  const copy = copyCube(cube);
  applyMoves(copy, hold, [wholeTurn(0, 1), wholeTurn(1, 1), wholeTurn(2, 1)]);
  return copy;
}

/** The solved cube after turns said in a hold. */
export function doneIn(hold: Hold, text: string): Cube {
  const cube = solvedCube();
  applyMoves(cube, hold, knownMoves(text));
  return cube;
}

/** For each side, a quarter turn takes its own stickers row by row to columns, as a clock goes. */
export const clockwiseFromOutside = (): boolean =>
  SIDES.every((side) => {
    const targets = STICKER_TARGETS[turnOf(side, 1)]!;
    // The sticker at the top middle of a side, read from outside, goes to its right middle.
    return targets[side * 9 + 1] === side * 9 + 5;
  });

/** In words, which way a clockwise turn of a side goes for somebody in front. */
export const wayFromFront = (side: Side): string => SIDE_WORDS[side]!.way[0];

/** Where the four sides lie round the top in the drawing of a turn, as steps from its middle. */
const ROUND: Readonly<Partial<Record<Side, readonly [x: number, y: number]>>> = {
  [FRONT]: [0, 1],
  [BACK]: [0, -1],
  [RIGHT]: [1, 0],
  [LEFT]: [-1, 0],
};

/** Whether the arrow of each turn of an upright side points the way its stickers go over the top. */
export const arrowsPointTheWay = (): boolean =>
  [FRONT, BACK, RIGHT, LEFT].every((side) =>
    [1, 3].every((quarters) => {
      const turn = turnOf(side, quarters);
      const comes = STICKERS.findIndex(
        ({ side: from }, sticker) =>
          from !== UP && from !== side && Math.floor(STICKER_TARGETS[turn]![sticker]! / 9) === UP,
      );
      const [x, y] = ROUND[STICKERS[comes]!.side]!;
      const path = /^M(\d+) (\d+)([HV])(\d+)$/.exec(drawTurn(turn).arrow)!;
      const [startX, startY, end] = [Number(path[1]), Number(path[2]), Number(path[4])];
      return path[3] === 'H'
        ? Math.sign(end - startX) === -x && y === 0
        : Math.sign(end - startY) === -y && x === 0;
    }),
  );
