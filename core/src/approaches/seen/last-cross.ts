import type { Case } from '../approach.js';

type Seen = Pick<Case, 'title' | 'seen' | 'pieces' | 'look'>;

/** Edges of the last layer facing up: none, two neighbours, two opposite; each in its hold. */
export const DOT: Seen = {
  title: 'None up: the dot',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': '!opposite', 'UL.U': '!opposite' },
  pieces: ['UF', 'UR', 'UB', 'UL'],
  look: 'Look only at the edges on top, not the corners. None shows {opposite} on top.',
};

export const ANGLE: Seen = {
  title: 'Two neighbours up: the angle',
  seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': 'opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UR'],
  look: 'Look only at the edges on top. Two neighbours show {opposite}: hold them at the back and the left.',
};

export const BAR: Seen = {
  title: 'Two opposite up: the bar',
  seen: { 'UF.U': '!opposite', 'UR.U': 'opposite', 'UB.U': '!opposite', 'UL.U': 'opposite' },
  pieces: ['UF', 'UB'],
  look: 'Look only at the edges on top. Two across from each other show {opposite}: hold the bar from left to right.',
};
