import type { PatternApproach } from './approach.js';
import { inPlace, NONE_IN_PLACE } from './seen/corner-place.js';

const SEQUENCE = "U' L' U R U' L U R'";

/** Keeps the corner that is at home at front left and sends the other three round. */
export const placeLeft: PatternApproach = {
  id: 'place-left',
  title: 'Corner places, keeping the left one',
  short: 'Keep the left one',
  stage: 'corner-places',
  after: 'yellow-edges',
  up: 'opposite',
  summary: 'Hold a corner that is in its place at the front left; the other three go round.',
  cases: [
    { id: 'place-left/one', ...inPlace('left'), sequence: SEQUENCE },
    { id: 'place-left/none', ...NONE_IN_PLACE, sequence: SEQUENCE },
  ],
};
