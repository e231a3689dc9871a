import type { Case } from '../approach.js';
import {
  anyHold,
  type Claim,
  colour,
  count,
  done,
  faces,
  looksLeft,
  type Moment,
  say,
  type Sentence,
  turnsOf,
} from '../../wording/index.js';

type Seen = Pick<Case, 'title' | 'seen' | 'pieces' | 'find' | 'look'>;

const FIND = [
  say(
    'Find the four {opposite} edges. The corners do not matter yet.',
    count({ kind: 'edge', with: 'opposite' }, 4, 'found'),
  ),
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
  title: 'None up: the dot',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': '!opposite', 'UL.U': '!opposite' },
  pieces: ['UF', 'UR', 'UB', 'UL'],
  find: FIND,
  look: [say('None of them shows {opposite} on top: the dot.', ...facingUp('before'))],
};

export const ANGLE: Seen = {
  title: 'Two side by side up: the angle',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': 'opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UR'],
  find: FIND,
  look: [
    say(
      'Two side by side show {opposite} on top, at the back and on the left: the angle.',
      ...facingUp('before', 'UB', 'UL'),
    ),
  ],
};

export const BAR: Seen = {
  title: 'Two across up: the bar',
  seen: { 'UF.U': '!opposite', 'UR.U': 'opposite', 'UB.U': '!opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UB'],
  find: FIND,
  look: [
    say(
      'Two across from each other show {opposite} on top, left and right: the bar.',
      ...facingUp('before', 'UL', 'UR'),
    ),
  ],
};

/** The dot may be held in any way: what comes of it is the same. */
export const ANY_HOLD = say('Any hold will do.', anyHold(edgesUp(2, 'after')));

/** The six turns leave two edges facing up, at these places. */
export const leavesTwo = (says: string, a: string, b: string): Sentence =>
  say(says, turnsOf(6), ...facingUp('after', a, b));

export const ONE_MORE_LOOK = say('One more look will finish the cross.', looksLeft(1));

const AT: Record<string, string> = { UF: 'in front', UR: 'on the right', UB: 'at the back' };

/** The six turns bring the last two edges to face up. */
export const turnsRound = (a: string, b: string): Sentence[] => [
  say(
    `The six turns turn round the two edges ${AT[a]} and ${AT[b]}.`,
    turnsOf(6),
    ...[a, b].flatMap((place) => [
      faces(place, 'opposite', 'FRBL', 'lined-up'),
      faces(place, 'opposite', 'U', 'after'),
    ]),
  ),
  say('Then all four face up.', done()),
];
