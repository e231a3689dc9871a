import type { Case, Pattern } from '../approach.js';
import { also } from './also.js';

type Seen = Omit<Case, 'id' | 'sequence' | 'why'>;

const TOP = ['UFL', 'UFR', 'UBR', 'UBL'];

/** These corners of the top show the opposite colour up and the others do not. */
const up = (...places: readonly string[]): Pattern =>
  Object.fromEntries(
    TOP.map((place) => [`${place}.U`, places.includes(place) ? 'opposite' : '!opposite']),
  );

/** How many corners show the opposite colour up, each count in its hold. */
export const ONE_UP: Seen = {
  title: 'One corner up',
  seen: up('UFL'),
  pieces: ['UFL'],
  look: 'One corner shows {opposite} on top: hold it, the {piece} corner, at the front left.',
};

export const TWO_UP: Seen = {
  title: 'Two corners up',
  seen: also([up('UFR', 'UBR'), up('UFR', 'UBL'), up('UBR', 'UBL')], { 'UFL.F': 'opposite' }),
  pieces: ['UFL'],
  look: 'Two corners show {opposite} on top. Hold the cube so that the {piece} corner at the front left shows {opposite} to you.',
};

export const NONE_UP: Seen = {
  title: 'No corner up',
  seen: { ...up(), 'UFL.L': 'opposite' },
  pieces: ['UFL'],
  look: 'No corner shows {opposite} on top. Hold the cube so that the {piece} corner at the front left shows {opposite} on the left.',
};

/** The two cases with one corner up, told apart by where the front right corner shows the colour. */
export const ONE_UP_FRONT: Seen = {
  title: 'One corner up, the next shows its colour in front',
  seen: { ...up('UFL'), 'UFR.F': 'opposite' },
  pieces: ['UFL', 'UFR'],
  look: 'One corner shows {opposite} on top. Held at the front left, it has the {piece2} corner beside it at the front right, which shows {opposite} in front.',
};

export const ONE_UP_RIGHT: Seen = {
  title: 'One corner up, held at the back right',
  seen: { ...up('UBR'), 'UFR.R': 'opposite' },
  pieces: ['UBR', 'UFR'],
  look: 'One corner shows {opposite} on top. Held at the back right, it has the {piece2} corner beside it at the front right, which shows {opposite} on the right.',
};
