import type { Case, Pattern } from '../approach.js';
import { also } from './also.js';
import { type Claim, colour, count, say } from '../../wording/index.js';

type Seen = Omit<Case, 'id' | 'sequence' | 'why'>;

const TOP = ['UFL', 'UFR', 'UBR', 'UBL'];

/** These corners of the top show the opposite colour up and the others do not. */
const up = (...places: readonly string[]): Pattern =>
  Object.fromEntries(
    TOP.map((place) => [`${place}.U`, places.includes(place) ? 'opposite' : '!opposite']),
  );

/** How many corners show the opposite colour up. */
export const cornersUp = (number: number, when: 'before' | 'after'): Claim =>
  count({ kind: 'corner', facing: { colour: 'opposite', sides: 'U' } }, number, when);

const find = [
  say('Find the four {opposite} corners.', count({ kind: 'corner', with: 'opposite' }, 4, 'found')),
];

/** Each count in its hold. */
export const ONE_UP: Seen = {
  title: 'One {opposite} corner up',
  seen: up('UFL'),
  pieces: ['UFL'],
  find,
  look: [
    say(
      'One corner shows {opposite} on top: it is at the front left.',
      cornersUp(1, 'before'),
      colour('UFL.U', 'opposite', 'before'),
    ),
  ],
};

export const TWO_UP: Seen = {
  title: 'Two {opposite} corners up',
  seen: also([up('UFR', 'UBR'), up('UFR', 'UBL'), up('UBR', 'UBL')], { 'UFL.F': 'opposite' }),
  pieces: ['UFL'],
  find,
  look: [
    say('Two corners show {opposite} on top.', cornersUp(2, 'before')),
    say(
      'The one at the front left shows {opposite} in front.',
      colour('UFL.F', 'opposite', 'before'),
    ),
  ],
};

export const NONE_UP: Seen = {
  title: 'No {opposite} corner up',
  seen: { ...up(), 'UFL.L': 'opposite' },
  pieces: ['UFL'],
  find,
  look: [
    say('No corner shows {opposite} on top.', cornersUp(0, 'before')),
    say(
      'The one at the front left shows {opposite} on the left.',
      colour('UFL.L', 'opposite', 'before'),
    ),
  ],
};

/** The two cases with one corner up, told apart by where the front right corner shows the colour. */
export const ONE_UP_FRONT: Seen = {
  title: 'One {opposite} corner up, at the front right {opposite} in front',
  seen: { ...up('UFL'), 'UFR.F': 'opposite' },
  pieces: ['UFL', 'UFR'],
  find,
  look: [
    say(
      'One corner shows {opposite} on top: it is at the front left.',
      cornersUp(1, 'before'),
      colour('UFL.U', 'opposite', 'before'),
    ),
    say(
      'The one at the front right shows {opposite} in front.',
      colour('UFR.F', 'opposite', 'before'),
    ),
  ],
};

export const ONE_UP_RIGHT: Seen = {
  title: 'One {opposite} corner up, at the front right {opposite} on the right',
  seen: { ...up('UBR'), 'UFR.R': 'opposite' },
  pieces: ['UBR', 'UFR'],
  find,
  look: [
    say(
      'One corner shows {opposite} on top: it is at the back right.',
      cornersUp(1, 'before'),
      colour('UBR.U', 'opposite', 'before'),
    ),
    say(
      'The one at the front right shows {opposite} on the right.',
      colour('UFR.R', 'opposite', 'before'),
    ),
  ],
};
