import type { Colour, ColourScheme } from '../cube/colours.js';
import { copyCube, pieceAt, solvedCube, type Cube } from '../cube/cube.js';
import { HOME_HOLD, HOLDS, sideInHold, type Hold } from '../cube/holds.js';
import { STICKERS } from '../cube/geometry.js';
import { paintStickers } from '../cube/cube.js';
import { CORNERS, EDGES, inLayer, STICKER_PLACE } from '../cube/pieces.js';
import { BACK, DOWN, FRONT, LEFT, opposite, RIGHT, SIDES, UP, type Side } from '../cube/sides.js';
import { applyTurns, STICKER_TARGETS, TURNS, turnOf, type Turn } from '../cube/turns.js';
import { applyMoves, cubeAfter, holdAfter, wholeTurn, type Move } from '../notation/moves.js';
import { readMoves } from '../notation/read.js';
import { SIDE_WORDS } from '../notation/write.js';
import { drawTurn } from '../drawing/turn.js';
import { goalHolds } from '../stages/goals.js';

/** A sentence of the first pages, beside what it claims: true whenever it is so. */
export interface FirstSentence {
  says: string;
  so: () => boolean;
}

/** A piece to be touched. */
export interface Touch {
  kind: 'touch';
  says: string;
  /** How many colours the piece has. */
  colours: 1 | 2 | 3;
}

/** A question with answers to choose from. */
export interface Choose {
  kind: 'choose';
  says: string;
  /** Another cube than the page's. */
  cube?: Cube;
  /** Done before the eyes before it is asked. */
  shows?: Move;
  answers: readonly string[];
  /** Which of the answers is right. */
  right: number;
  /** Done once it is answered, to be seen. */
  then?: readonly Move[];
}

/** A turn to be done on the cube that is shown. */
export interface Do {
  kind: 'do';
  says: string;
  turn: Turn;
}

export type Ask = Touch | Choose | Do;

/** One small page: what is told, on which cube, and something to do. */
export interface FirstPage {
  id: string;
  title: string;
  says: readonly FirstSentence[];
  cube: Cube;
  hold: Hold;
  asks: readonly Ask[];
}

const turns = (text: string): Move[] => {
  const read = readMoves(text);
  if (!read.ok) throw new RangeError(read.error.message);
  return read.value;
};
const after = (text: string): Cube => cubeAfter(turns(text));
const centres = STICKERS.flatMap((_, sticker) => (STICKER_PLACE[sticker]! < 0 ? [sticker] : []));

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

/** What somebody needs who has never solved a cube, with the colours of theirs. */
export function firstPages(scheme: ColourScheme): FirstPage[] {
  const colour = (side: Side): Colour => scheme[side]!;
  const [up, front, right] = [colour(UP), colour(FRONT), colour(RIGHT)];
  const choices = SIDES.map(colour);
  const mixed = after("R U F' L2 D B' R2 U'");
  const answer = (wanted: Colour): { answers: Colour[]; right: number } => ({
    answers: choices,
    right: choices.indexOf(wanted),
  });
  return [
    {
      id: 'pieces',
      title: 'Three kinds of pieces',
      says: [
        {
          says: 'Corners have three colours, edges have two, and centres have one.',
          so: () =>
            CORNERS.every(({ stickers }) => stickers.length === 3) &&
            EDGES.every(({ stickers }) => stickers.length === 2) &&
            centres.length === 6,
        },
        {
          says: 'However you turn, a corner stays a corner and an edge stays an edge.',
          so: () =>
            TURNS.every((turn) => {
              const cube = applyTurns(solvedCube(), [turn]);
              return CORNERS.every(({ index }) => pieceAt(cube, index) < CORNERS.length);
            }),
        },
        {
          says: 'A centre never leaves its place: it tells which colour its side will be.',
          so: () =>
            TURNS.every((turn) =>
              centres.every((sticker) => STICKER_TARGETS[turn]![sticker] === sticker),
            ),
        },
      ],
      cube: mixed,
      hold: HOME_HOLD,
      asks: [
        { kind: 'touch', says: 'Touch a corner.', colours: 3 },
        { kind: 'touch', says: 'Touch an edge.', colours: 2 },
        { kind: 'touch', says: 'Touch a centre.', colours: 1 },
      ],
    },
    {
      id: 'opposite',
      title: 'Opposite colours',
      says: [
        {
          says: `On this cube ${up} is across from ${colour(DOWN)}, and it stays so.`,
          so: () => opposite(UP) === DOWN && colour(opposite(UP)) === colour(DOWN),
        },
        {
          says: 'So the side you see tells you the one you do not see.',
          so: () => SIDES.every((side) => opposite(opposite(side)) === side),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [
        {
          ...{
            kind: 'choose',
            says: `${capital(front)} is in front. Which colour is at the back?`,
          },
          ...answer(colour(BACK)),
          then: [wholeTurn(1, 2)],
        },
        {
          ...{ kind: 'choose', says: `And which colour is across from ${right}?` },
          ...answer(colour(LEFT)),
          then: [wholeTurn(1, 1)],
        },
      ],
    },
    {
      id: 'layer',
      title: 'A side is not a layer',
      says: [
        {
          says: 'A side can be all of one colour with its pieces in the wrong places.',
          so: () => showsOneColour(FALSE_SIDE, UP) && !layerDone(FALSE_SIDE, UP),
        },
        {
          says: 'A layer is done when its rim fits the centres too.',
          so: () =>
            [FALSE_SIDE, TRUE_LAYER].every((cube) => rimFits(cube, UP) === layerDone(cube, UP)),
        },
      ],
      cube: FALSE_SIDE,
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: `The top is all ${up}. Look at its rim: is this layer done?`,
          answers: ['Yes, it is done', 'No, only the side is'],
          right: layerDone(FALSE_SIDE, UP) ? 0 : 1,
          then: [wholeTurn(1, 1)],
        },
        {
          kind: 'choose',
          says: 'And on this cube?',
          cube: TRUE_LAYER,
          answers: ['Yes, it is done', 'No, only the side is'],
          right: layerDone(TRUE_LAYER, UP) ? 0 : 1,
          then: [wholeTurn(1, 1)],
        },
      ],
    },
    {
      id: 'letters',
      title: 'What a letter means',
      says: [
        {
          says: 'A letter names a side: U is up, D down, F front, B back, L left, R right.',
          so: () =>
            SIDE_WORDS.map(({ name }) => name.split(' ')[0]).join() ===
            'top,right,front,bottom,left,back',
        },
        {
          says: 'Turn it as a clock on that side would go, seen from that side.',
          so: () => clockwiseFromOutside(),
        },
        {
          says: 'That is hard underneath, at the back and on the left: think the clock there.',
          so: () =>
            [DOWN, BACK, LEFT].every((side) => wayFromFront(side) !== wayFromFront(opposite(side))),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [DOWN, LEFT, BACK].map((side): Choose => {
        const { name, way } = SIDE_WORDS[side]!;
        return {
          kind: 'choose',
          says: `${'URFDLB'[side]!}: the ${name}, as its own clock goes. ${WHICH[side]!}`,
          answers: [way[1], way[0]],
          right: 1,
          then: [turnOf(side, 1)],
        };
      }),
    },
    {
      id: 'whole',
      title: 'A side, or the whole cube',
      says: [
        {
          says: 'Turning a side changes the cube; turning the whole cube only shows another side.',
          so: () =>
            TURNS.every((turn) => !same(applyTurns(solvedCube(), [turn]), solvedCube())) &&
            HOLDS.every((hold) => same(heldAnew(mixed, hold), mixed)),
        },
        {
          says: 'Do the second by mistake, and every turn after it is another one.',
          so: () =>
            !same(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
        },
      ],
      cube: mixed,
      hold: HOME_HOLD,
      asks: [turnOf(UP, 1), wholeTurn(1, 1), turnOf(RIGHT, 1), wholeTurn(0, 1)].map(
        (shows, k): Choose => ({
          kind: 'choose',
          says: 'Watch. What was turned?',
          shows,
          answers: ['One side', 'The whole cube'],
          right: k % 2,
        }),
      ),
    },
    {
      id: 'hold',
      title: 'How to hold it',
      says: [
        {
          says: `Hold ${up} on top and ${front} in front, with both thumbs on the front.`,
          so: () => sideInHold(HOME_HOLD, UP) === UP && sideInHold(HOME_HOLD, FRONT) === FRONT,
        },
        {
          says: 'Two colours are enough: they tell where all the others are.',
          so: () =>
            new Set(HOLDS.map((hold) => `${sideInHold(hold, UP)} ${sideInHold(hold, FRONT)}`))
              .size === HOLDS.length,
        },
        {
          says: 'Keep a thumb in front until a sequence is over.',
          so: () =>
            !same(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [
        {
          ...{ kind: 'choose', says: 'Held like this, which colour is on the right?' },
          ...answer(right),
          then: [wholeTurn(1, 1)],
        },
        {
          ...{ kind: 'choose', says: `Now ${right} is in front. Which colour is on the left?` },
          ...answer(front),
        },
      ],
    },
    {
      id: 'tiles',
      title: 'How a tile is read',
      says: [
        {
          says: 'A tile shows the cube from above, with its four sides round it.',
          // The layer of the top is the square in the middle of the drawing, that of a side its rim.
          so: () => drawTurn(turnOf(UP, 1)).layer !== drawTurn(turnOf(RIGHT, 1)).layer,
        },
        {
          says: 'The dark part turns the way the arrow points; a dash (′) means the other way.',
          so: () =>
            TURNS.every((turn) =>
              same(applyTurns(applyTurns(solvedCube(), [turn]), [back(turn)]), solvedCube()),
            ),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [turnOf(RIGHT, 1), turnOf(UP, 3), turnOf(FRONT, 1)].map((turn): Do => ({
        kind: 'do',
        says: 'Do what this tile says.',
        turn,
      })),
    },
    {
      id: 'stages',
      title: 'What a stage is',
      says: [
        {
          says: 'A cube is solved in stages, and each has a goal you can see.',
          so: () => goalHolds(solvedCube(), 'cross', UP),
        },
        {
          says: 'What one stage has done is still there when the next is done.',
          so: () => goalHolds(TRUE_LAYER, 'corners', UP) && goalHolds(TRUE_LAYER, 'cross', UP),
        },
        {
          says: 'Do not go on before the goal is there.',
          so: () => !goalHolds(FALSE_SIDE, 'corners', UP),
        },
      ],
      cube: after("F2 R U R' U' L2 D"),
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: 'Which of these comes first?',
          answers: [
            'The corners of the first layer',
            'The cross of the first layer',
            'The last layer',
          ],
          right: 1,
        },
      ],
    },
  ];
}

/** Which sticker row is asked about for a side that is hard to see. */
const WHICH: Partial<Record<Side, string>> = {
  [DOWN]: 'Which way does its front go?',
  [LEFT]: 'Which way does its front go?',
  [BACK]: 'Which way does its top go?',
};

const capital = (word: string): string => word[0]!.toUpperCase() + word.slice(1);
const same = (a: Cube, b: Cube): boolean => a.every((value, k) => value === b[k]);
const back = (turn: Turn): Turn => turnOf(Math.floor(turn / 3) as Side, 3 - (turn % 3));

/** A cube turned as a whole is the same cube. */
function heldAnew(cube: Cube, hold: Hold): Cube {
  const copy = copyCube(cube);
  applyMoves(copy, hold, [wholeTurn(0, 1), wholeTurn(1, 1), wholeTurn(2, 1)]);
  return copy;
}

/** The solved cube after turns said in a hold. */
function doneIn(hold: Hold, text: string): Cube {
  const cube = solvedCube();
  applyMoves(cube, hold, turns(text));
  return cube;
}

/** For each side, a quarter turn takes its own stickers row by row to columns, as a clock goes. */
const clockwiseFromOutside = (): boolean =>
  SIDES.every((side) => {
    const targets = STICKER_TARGETS[turnOf(side, 1)]!;
    // The sticker at the top middle of a side, read from outside, goes to its right middle.
    return targets[side * 9 + 1] === side * 9 + 5;
  });

/** In words, which way a clockwise turn of a side goes for somebody in front. */
const wayFromFront = (side: Side): string => SIDE_WORDS[side]!.way[0];
