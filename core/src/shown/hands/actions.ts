import { knownMoves, mirrorMoves, type Move } from '../../puzzle/notation/index.js';
import type { SAY } from './words.js';

/** What a hand does, by the key of its words. */
type Does = Exclude<keyof typeof SAY, 'regripTheHand' | 'bothHandsTurnTheWhole' | 'handDoes'>;

/**
 * How hands turn a cube. With both thumbs in front and the fingers behind, each hand turns its own
 * side from the wrist and the top with its forefinger. A wrist rests (0), is turned up (1) or down
 * (−1); beyond that it has to be put back, which is a regrip.
 */
export type Hand = 'right' | 'left';
export type Wrist = -1 | 0 | 1;
/** Where both wrists are. */
export interface Grip {
  right: Wrist;
  left: Wrist;
}

/** One way in which a hand does one turn. */
export interface Action {
  hand: Hand;
  /** What the hand does, by the key of its words. */
  does: Does;
  cost: number;
  /** How far the wrist of that hand goes. */
  turnsWrist: -2 | -1 | 0 | 1 | 2;
  /** Where that hand's wrist must be for it; anywhere if not said. */
  from?: readonly Wrist[];
}

/**
 * What everything costs, a quarter turn of a side from the wrist being 1. The figures are judgements,
 * not measurements: they only have to put what hands find easy before what they find hard.
 */
export const COSTS = {
  /** The wrist turns its own side: what a hand does best. */
  wrist: 1,
  /** From one end of the wrist's way to the other in one movement. */
  halfWrist: 1.5,
  /** The forefinger of a raised hand pulls the top on its way: half of the well-known four turns. */
  pull: 0.9,
  /** The forefinger of a resting hand pushes the top; the finger has a little further to go. */
  push: 1,
  /** The forefinger turns the top against its own way, which needs a second try more often. */
  against: 1.5,
  /** Two pulls one after the other. */
  halfTop: 1.7,
  /** The ring finger turns the bottom: it is weak, and the hand must not let go. */
  ring: 1.8,
  halfBottom: 2.8,
  /** Front turns take the wrist out of its way. */
  front: 2,
  halfFront: 2.8,
  /** The back cannot be seen and is reached over the top. */
  back: 2.6,
  halfBack: 3.6,
  /** A hand is put back to rest, or beforehand to where it is wanted: about as much as a turn. */
  regrip: 1,
  /** The whole cube is turned; both hands hold it anew. */
  wholeCube: 1.2,
  /** A side is turned while the other hand is not at rest and holds less well. */
  unsteady: 0.3,
  /** The other hand than the one a person calls theirs. */
  otherHand: 1.15,
} as const;

const { wrist, halfWrist, pull, push, against, halfTop, ring, halfBottom } = COSTS;
const { front, halfFront, back, halfBack } = COSTS;

/** How the right hand does what it can do; the left hand does the mirror image. */
const RIGHT: Record<string, readonly Omit<Action, 'hand'>[]> = {
  R: [{ does: 'wristUp', cost: wrist, turnsWrist: 1 }],
  "R'": [{ does: 'wristDown', cost: wrist, turnsWrist: -1 }],
  R2: [
    { does: 'wristAllTheWayUp', cost: halfWrist, turnsWrist: 2 },
    { does: 'wristAllTheWayDown', cost: halfWrist, turnsWrist: -2 },
  ],
  U: [
    { does: 'forefingerPulls', cost: pull, turnsWrist: 0, from: [1] },
    { does: 'forefingerPushes', cost: push, turnsWrist: 0, from: [0] },
  ],
  "U'": [{ does: 'forefingerTurnsTheTopBack', cost: against, turnsWrist: 0, from: [0, 1] }],
  U2: [{ does: 'forefingerPullsTwice', cost: halfTop, turnsWrist: 0, from: [0, 1] }],
  "D'": [{ does: 'ringFingerPulls', cost: ring, turnsWrist: 0, from: [0] }],
  D: [{ does: 'ringFingerPushes', cost: ring + 0.2, turnsWrist: 0, from: [0] }],
  D2: [{ does: 'ringFingerPullsTwice', cost: halfBottom, turnsWrist: 0, from: [0] }],
  F: [{ does: 'forefingerPullsTheFront', cost: front, turnsWrist: 0, from: [0, 1] }],
  "F'": [{ does: 'thumbPushesTheFrontUp', cost: front + 0.2, turnsWrist: 0, from: [0, -1] }],
  F2: [{ does: 'forefingerPullsTheFrontTwice', cost: halfFront, turnsWrist: 0, from: [0, 1] }],
  "B'": [{ does: 'forefingerPullsTheBackDown', cost: back, turnsWrist: 0, from: [0] }],
  B: [{ does: 'forefingerPushesTheBackUp', cost: back + 0.2, turnsWrist: 0, from: [0] }],
  B2: [{ does: 'forefingerPullsTheBack', cost: halfBack, turnsWrist: 0, from: [0] }],
};

/** All ways of doing each turn, by either hand. */
export const ACTIONS: ReadonlyMap<Move, readonly Action[]> = (() => {
  const all = new Map<Move, Action[]>();
  const add = (move: Move, action: Action): void => {
    all.set(move, [...(all.get(move) ?? []), action]);
  };
  for (const [turn, ways] of Object.entries(RIGHT)) {
    const right = knownMoves(turn);
    const left = mirrorMoves(right);
    for (const way of ways) {
      add(right[0]!, { hand: 'right', ...way });
      add(left[0]!, { hand: 'left', ...way });
    }
  }
  return all;
})();
