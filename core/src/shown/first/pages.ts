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
import { SAY } from './words.js';
import { capitalised } from '../../words/index.js';

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
      title: SAY.threeKindsOfPieces,
      says: [
        {
          says: SAY.cornersHaveThreeColours,
          so: () =>
            CORNERS.every(({ stickers }) => stickers.length === 3) &&
            EDGES.every(({ stickers }) => stickers.length === 2) &&
            CENTRES.length === 6,
        },
        {
          says: SAY.howeverYouTurnACorner,
          so: () =>
            TURNS.every((turn) => {
              const cube = applyTurns(solvedCube(), [turn]);
              return CORNERS.every(({ index }) => pieceAt(cube, index) < CORNERS.length);
            }),
        },
        {
          says: SAY.aCentreNeverLeavesIts,
          so: () =>
            TURNS.every((turn) =>
              CENTRES.every((sticker) => STICKER_TARGETS[turn]![sticker] === sticker),
            ),
        },
      ],
      cube: mixed,
      hold: HOME_HOLD,
      asks: [
        { kind: 'touch', says: SAY.touchACorner, colours: 3 },
        { kind: 'touch', says: SAY.touchAnEdge, colours: 2 },
        { kind: 'touch', says: SAY.touchACentre, colours: 1 },
      ],
    },
    {
      id: 'opposite',
      title: SAY.oppositeColours,
      says: [
        {
          says: SAY.onThisCubeIsAcross({ up, down: colour(DOWN) }),
          so: () => opposite(UP) === DOWN && colour(opposite(UP)) === colour(DOWN),
        },
        {
          says: SAY.soTheSideYouSee,
          so: () => SIDES.every((side) => opposite(opposite(side)) === side),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: SAY.isInFrontWhichColour({ front: capitalised(front) }),
          ...answer(colour(BACK)),
          then: [wholeTurn(1, 2)],
        },
        {
          kind: 'choose',
          says: SAY.andWhichColourIsAcross({ right }),
          ...answer(colour(LEFT)),
          then: [wholeTurn(1, 1)],
        },
      ],
    },
    {
      id: 'layer',
      title: SAY.aSideIsNotA,
      says: [
        {
          says: SAY.aSideCanBeAll,
          so: () => showsOneColour(FALSE_SIDE, UP) && !layerDone(FALSE_SIDE, UP),
        },
        {
          says: SAY.aLayerIsDoneWhen,
          so: () =>
            [FALSE_SIDE, TRUE_LAYER].every((cube) => rimFits(cube, UP) === layerDone(cube, UP)),
        },
      ],
      cube: FALSE_SIDE,
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: SAY.theTopIsAllLook({ up }),
          answers: [SAY.yesItIsDone, SAY.noOnlyTheSideIs],
          right: layerDone(FALSE_SIDE, UP) ? 0 : 1,
          then: [wholeTurn(1, 1)],
        },
        {
          kind: 'choose',
          says: SAY.andOnThisCube,
          cube: TRUE_LAYER,
          answers: [SAY.yesItIsDone, SAY.noOnlyTheSideIs],
          right: layerDone(TRUE_LAYER, UP) ? 0 : 1,
          then: [wholeTurn(1, 1)],
        },
      ],
    },
    {
      id: 'letters',
      title: SAY.whatALetterMeans,
      says: [
        {
          says: SAY.aLetterNamesASide,
          so: () =>
            SIDE_WORDS.map(({ name }) => name.split(' ')[0]).join() ===
            'top,right,front,bottom,left,back',
        },
        {
          says: SAY.turnItAsAClock,
          so: () => clockwiseFromOutside(),
        },
        {
          says: SAY.thatIsHardUnderneathAt,
          so: () =>
            [DOWN, BACK, LEFT].every((side) => wayFromFront(side) !== wayFromFront(opposite(side))),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: HARD_TO_SEE.map(({ side, which }): Choose => {
        const { name, way } = SIDE_WORDS[side]!;
        return {
          kind: 'choose',
          says: SAY.theAsItsOwnClock({ what: 'URFDLB'[side]!, name, which: SAY[which] }),
          answers: [way[1], way[0]],
          right: 1,
          then: [turnOf(side, 1)],
        };
      }),
    },
    {
      id: 'whole',
      title: SAY.aSideOrTheWhole,
      says: [
        {
          says: SAY.turningASideChangesThe,
          so: () =>
            TURNS.every((turn) => !sameCube(applyTurns(solvedCube(), [turn]), solvedCube())) &&
            HOLDS.every((hold) => sameCube(heldAnew(mixed, hold), mixed)),
        },
        {
          says: SAY.ifYouTurnTheWhole,
          so: () =>
            !sameCube(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
        },
      ],
      cube: mixed,
      hold: HOME_HOLD,
      asks: [turnOf(UP, 1), wholeTurn(1, 1), turnOf(RIGHT, 1), wholeTurn(0, 1)].map(
        (shows, k): Choose => ({
          kind: 'choose',
          says: SAY.watchWhatWasTurned,
          shows,
          answers: [SAY.oneSide, SAY.theWholeCube],
          right: k % 2,
        }),
      ),
    },
    {
      id: 'hold',
      title: SAY.howToHoldIt,
      says: [
        {
          says: SAY.holdOnTopAndIn({ up, front }),
          so: () => sideInHold(HOME_HOLD, UP) === UP && sideInHold(HOME_HOLD, FRONT) === FRONT,
        },
        {
          says: SAY.twoColoursAreEnoughThey,
          so: () =>
            new Set(HOLDS.map((hold) => `${sideInHold(hold, UP)} ${sideInHold(hold, FRONT)}`))
              .size === HOLDS.length,
        },
        {
          says: SAY.keepAThumbInFront,
          so: () =>
            !sameCube(doneIn(HOME_HOLD, 'R'), doneIn(holdAfter(HOME_HOLD, wholeTurn(1, 1)), 'R')),
        },
      ],
      cube: solvedCube(),
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: SAY.heldLikeThisWhichColour,
          ...answer(right),
          then: [wholeTurn(1, 1)],
        },
        {
          kind: 'choose',
          says: SAY.nowIsInFrontWhich({ right }),
          ...answer(front),
        },
      ],
    },
    {
      id: 'tiles',
      title: SAY.howATileIsRead,
      says: [
        {
          says: SAY.aTileShowsTheCube,
          // The layer of the top is the square in the middle of the drawing, that of a side its rim.
          so: () => drawTurn(turnOf(UP, 1)).layer !== drawTurn(turnOf(RIGHT, 1)).layer,
        },
        {
          says: SAY.theDarkPartTurnsThe,
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
        says: SAY.doWhatThisTileSays,
        turn,
      })),
    },
    {
      id: 'stages',
      title: SAY.whatAStageIs,
      says: [
        {
          says: SAY.aCubeIsSolvedIn,
          so: () => goalHolds(solvedCube(), 'cross', UP),
        },
        {
          says: SAY.whatOneStageHasDone,
          so: () => goalHolds(TRUE_LAYER, 'corners', UP) && goalHolds(TRUE_LAYER, 'cross', UP),
        },
        {
          says: SAY.doNotGoOnBefore,
          so: () => !goalHolds(FALSE_SIDE, 'corners', UP),
        },
      ],
      cube: after("F2 R U R' U' L2 D"),
      hold: HOME_HOLD,
      asks: [
        {
          kind: 'choose',
          says: SAY.whichOfTheseComesFirst,
          answers: [SAY.theCornersOfTheFirst, SAY.theCrossOfTheFirst, SAY.theLastLayer],
          right: 1,
        },
      ],
    },
  ];
}

/** The sides that are hard to see, and which of their rows is asked about. */
const HARD_TO_SEE = [
  { side: DOWN, which: 'whichWayDoesItsFront' },
  { side: LEFT, which: 'whichWayDoesItsFront' },
  { side: BACK, which: 'whichWayDoesItsTop' },
] as const;
