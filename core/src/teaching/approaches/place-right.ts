import type { PatternApproach } from './approach.js';
import { inPlace, NONE_IN_PLACE } from './seen/corner-place.js';

const SEQUENCE = "U R U' L' U R' U' L";

/** Keeps the corner that is at home at front right and sends the other three round. */
export const placeRight: PatternApproach = {
  id: 'place-right',
  title: 'Corner places, keeping the right one',
  short: 'Keep the right one',
  stage: 'corner-places',
  after: 'yellow-edges',
  up: 'opposite',
  summary: 'Hold a corner that is in its place at the front right; the other three go round.',
  cases: [
    { id: 'place-right/one', ...inPlace('right'), sequence: SEQUENCE },
    { id: 'place-right/none', ...NONE_IN_PLACE, sequence: SEQUENCE },
  ],
};
