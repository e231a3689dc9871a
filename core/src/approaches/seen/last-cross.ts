import type { Case } from '../approach.js';
import { colour, count, faces, say, type Claim } from '../claims.js';

type Seen = Pick<Case, 'title' | 'seen' | 'pieces' | 'find' | 'look'>;

const FIND = [
  say(
    'Find the four {opposite} edges. The corners do not matter yet.',
    count({ kind: 'edge', with: 'opposite' }, 4, 'found'),
  ),
];
const shows = (...places: string[]): Claim[] => [
  ...places.map((place) => colour(`${place}.U`, 'opposite', 'before')),
  count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, places.length, 'before'),
];

/** Edges of the last layer facing up: none, two neighbours, two opposite; each in its hold. */
export const DOT: Seen = {
  title: 'None up: the dot',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': '!opposite', 'UL.U': '!opposite' },
  pieces: ['UF', 'UR', 'UB', 'UL'],
  find: FIND,
  look: [say('None of them shows {opposite} on top: the dot.', ...shows())],
};

export const ANGLE: Seen = {
  title: 'Two side by side up: the angle',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': 'opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UR'],
  find: FIND,
  look: [
    say(
      'Two side by side show {opposite} on top, at the back and on the left: the angle.',
      ...shows('UB', 'UL'),
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
      ...shows('UL', 'UR'),
    ),
  ],
};

/** Two edges face up after the turns, and at which places. */
export const twoUp = (a: string, b: string): Claim[] => [
  count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, 2, 'after'),
  colour(`${a}.U`, 'opposite', 'after'),
  colour(`${b}.U`, 'opposite', 'after'),
];

/** Edges that do not face up come to face up. */
export const flipped = (...places: string[]): Claim[] =>
  places.flatMap((place): Claim[] => [
    faces(place, 'opposite', 'FRBL', 'lined-up'),
    faces(place, 'opposite', 'U', 'after'),
  ]);
