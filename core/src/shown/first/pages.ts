import {
  applyTurns,
  BACK,
  type Colour,
  type ColourScheme,
  CORNERS,
  DOWN,
  EDGES,
  FRONT,
  HOLDS,
  HOME_HOLD,
  inverseTurn,
  LEFT,
  opposite,
  pieceAt,
  quartersOfTurn,
  RIGHT,
  sameCube,
  type Side,
  sideInHold,
  SIDES,
  solvedCube,
  STICKER_TARGETS,
  turnOf,
  TURNS,
  UP,
} from '../../puzzle/cube/index.js';
import { holdAfter, SIDE_WORDS, wholeTurn, writeMoves } from '../../puzzle/notation/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { drawTurn } from '../drawing/index.js';
import {
  arrowsPointTheWay,
  after,
  CENTRES,
  clockwiseFromOutside,
  doneIn,
  FALSE_SIDE,
  heldAnew,
  layerDone,
  rimFits,
  showsOneColour,
  TRUE_LAYER,
  wayFromFront,
} from './checks.js';
import type { Choose, Do, FirstPage } from './page.js';

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
            CENTRES.length === 6,
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
              CENTRES.every((sticker) => STICKER_TARGETS[turn]![sticker] === sticker),
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
          kind: 'choose',
          says: `${capital(front)} is in front. Which colour is at the back?`,
          ...answer(colour(BACK)),
          then: [wholeTurn(1, 2)],
        },
        {
          kind: 'choose',
          says: `And which colour is across from ${right}?`,
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
            TURNS.every((turn) => !sameCube(applyTurns(solvedCube(), [turn]), solvedCube())) &&
            HOLDS.every((hold) => sameCube(heldAnew(mixed, hold), mixed)),
        },
        {
          says: 'If you turn the whole cube by mistake, every later turn will be wrong.',
          so: () =>
            !sameCube(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
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
            !sameCube(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: 'Held like this, which colour is on the right?',
          ...answer(right),
          then: [wholeTurn(1, 1)],
        },
        {
          kind: 'choose',
          says: `Now ${right} is in front. Which colour is on the left?`,
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
            arrowsPointTheWay() &&
            TURNS.every((turn) => {
              const [there, back] = [writeMoves([turn]), writeMoves([inverseTurn(turn)])];
              return quartersOfTurn(turn) === 2
                ? there === back
                : there.replace("'", '') === back.replace("'", '') && there !== back;
            }),
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
