import type { Approach } from './approach.js';

const SEQUENCE = "F R U R' U' F'";

/** One sequence, done until all four edges face up; at most three times. */
export const ycrossRepeat: Approach = {
  id: 'ycross-repeat',
  title: 'Last cross by repeating',
  stage: 'yellow-cross',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-repeat/dot',
      title: 'None up: the dot',
      seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': '!opposite', 'UL.U': '!opposite' },
      pieces: ['UF', 'UR', 'UB', 'UL'],
      sequence: SEQUENCE,
      look: 'Look only at the edges on top, not the corners. None shows {opposite} on top.',
      why: 'Any hold will do. The six turns flip two edges, and then two {opposite} ones face up side by side.',
    },
    {
      id: 'ycross-repeat/angle',
      title: 'Two neighbours up: the angle',
      seen: { 'UF.U': '!opposite', 'UR.U': '!opposite', 'UB.U': 'opposite', 'UL.U': 'opposite' },
      pieces: ['UF', 'UR'],
      sequence: SEQUENCE,
      look: 'Look only at the edges on top. Two neighbours show {opposite}: hold them at the back and the left.',
      why: 'From here the six turns leave two {opposite} edges up across from each other. One more look and you are nearly there.',
    },
    {
      id: 'ycross-repeat/bar',
      title: 'Two opposite up: the bar',
      seen: { 'UF.U': '!opposite', 'UR.U': 'opposite', 'UB.U': '!opposite', 'UL.U': 'opposite' },
      pieces: ['UF', 'UB'],
      sequence: SEQUENCE,
      look: 'Look only at the edges on top. Two across from each other show {opposite}: hold the bar from left to right.',
      why: 'The six turns flip the front and back edges, and that finishes the {opposite} cross.',
    },
  ],
};
