import type { Approach, Pattern } from './approach.js';

const SEQUENCE = "U' L' U R U' L U R'";

/** The corner at the top front left shows its three own colours, in any of three twists. */
const HOME_AT_LEFT: readonly Pattern[] = [
  { 'UFL.U': 'opposite', 'UFL.L': 'left', 'UFL.F': 'front' },
  { 'UFL.U': 'left', 'UFL.L': 'front', 'UFL.F': 'opposite' },
  { 'UFL.U': 'front', 'UFL.L': 'opposite', 'UFL.F': 'left' },
];

/** Keeps the corner that is at home at front left and sends the other three round. */
export const placeLeft: Approach = {
  id: 'place-left',
  title: 'Corner places, keeping the left one',
  stage: 'corner-places',
  up: 'opposite',
  summary: 'Hold a corner that is in its place at the front left; the other three go round.',
  cases: [
    {
      id: 'place-left/one',
      title: 'One corner is in its place',
      seen: HOME_AT_LEFT,
      pieces: ['UFL'],
      sequence: SEQUENCE,
      look: 'The {piece} corner has the three colours of the sides round it, so it is in its place, twisted or not. Hold it at the top front left.',
      why: 'It stays while the other three corners move round by one place. If they are not home yet, once more will do it.',
    },
    {
      id: 'place-left/none',
      title: 'No corner is in its place',
      rank: 2,
      seen: {},
      pieces: ['UFR', 'UFL', 'UBL', 'UBR'],
      sequence: SEQUENCE,
      look: 'Compare each {opposite} corner with the sides round it: the {piece} corner does not belong between {front} and {right}, and no other corner is in its place either.',
      why: 'Start from any side. After these turns one corner is in its place; then look again.',
    },
  ],
};
