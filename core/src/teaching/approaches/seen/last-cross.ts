import type { Case } from '../approach.js';
import {
  anyHold,
  besides,
  type Claim,
  colour,
  count,
  done,
  inTheEnd,
  lie,
  LOOK_AGAIN,
  looksLeft,
  type Moment,
  say,
  type Sentence,
  turnsOf,
  turnsOver,
} from '../../wording/index.js';

type Seen = Pick<Case, 'title' | 'seen' | 'pieces' | 'find' | 'look'>;

const FIND = [
  say('Find the four {opposite} edges.', count({ kind: 'edge', with: 'opposite' }, 4, 'found')),
];

const edgesUp = (number: number, when: Moment): Claim =>
  count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, number, when);

/** Edges that show the opposite colour up: these and no others. */
const facingUp = (when: Moment, ...places: string[]): Claim[] => [
  edgesUp(places.length, when),
  ...places.map((place) => colour(`${place}.U`, 'opposite', when)),
];

/** Edges of the last layer facing up: none, two neighbours, two opposite; each in its hold. */
export const DOT: Seen = {
  title: 'No {opposite} edge up: the dot',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': '!opposite', 'UL.U': '!opposite' },
  pieces: ['UF', 'UR', 'UB', 'UL'],
  find: FIND,
  look: [say('None of them shows {opposite} on top: the dot.', ...facingUp('before'))],
};

export const ANGLE: Seen = {
  title: 'Two {opposite} edges up, side by side: the angle',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': 'opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UR'],
  find: FIND,
  look: [
    say(
      'Two side by side show {opposite} on top, at the back and on the left: the angle.',
      ...facingUp('before', 'UB', 'UL'),
      lie('beside', 'UB', 'UL'),
    ),
  ],
};

export const BAR: Seen = {
  title: 'Two {opposite} edges up, across: the bar',
  seen: { 'UF.U': '!opposite', 'UR.U': 'opposite', 'UB.U': '!opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UB'],
  find: FIND,
  look: [
    say(
      'Two across from each other show {opposite} on top, on the left and on the right: the bar.',
      ...facingUp('before', 'UL', 'UR'),
      lie('across', 'UL', 'UR'),
    ),
  ],
};

/** The dot may be held in any way: what comes of it is the same. */
export const ANY_HOLD = say('Any side may be in front.', anyHold(edgesUp(2, 'after')));

/** The six turns leave two edges facing up, at these places. */
export const leavesTwo = (how: 'beside' | 'across', a: string, b: string): Sentence =>
  say(
    `After the six turns two edges have {opposite} on top, ${HOW[how]}.`,
    turnsOf(6),
    edgesUp(2, 'after'),
    besides(...facingUp('after', a, b)),
    lie(how, a, b),
  );

export const THEN_LOOK_AGAIN = say('Then look again.', LOOK_AGAIN);

const HOW = { beside: 'side by side', across: 'across from each other' } as const;

export const ONE_MORE_LOOK = say(
  'One more look, and the cross is done.',
  looksLeft(1),
  inTheEnd(done()),
);

const AT: Record<string, string> = { UF: 'in front', UR: 'on the right', UB: 'at the back' };

/** The six turns bring the last two edges to face up. */
export const turnsRound = (a: string, b: string): Sentence[] => [
  say(`Two edges turn over, ${AT[a]} and ${AT[b]}.`, turnsOver(a), turnsOver(b)),
  say('Then all four edges show {opposite} on top.', edgesUp(4, 'after'), done()),
];
