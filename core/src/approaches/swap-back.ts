import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, MAKE_A_PAIR, NO_PAIR, pairOn, STAY_AND_SWAP } from './seen/corner-pair.js';

const SEQUENCE = "R' F R' B2 R F' R' B2 R2";

/** Exchanges two corners; the side that shows two of one colour is held at the back. */
export const swapBack: PatternApproach = {
  id: 'swap-back',
  title: 'Corner swap, keeping the back pair',
  stage: 'corner-swap',
  after: 'yellow-face',
  up: 'opposite',
  summary:
    'Hold the side with two corners of one colour at the back, exchange two corners, line up the top.',
  cases: [
    { id: 'swap-back/round', ...CORNERS_ROUND, sequence: '' },
    {
      id: 'swap-back/pair',
      ...pairOn('back', 'at the back'),
      sequence: SEQUENCE,
      why: STAY_AND_SWAP,
    },
    { id: 'swap-back/none', ...NO_PAIR, sequence: SEQUENCE, why: MAKE_A_PAIR },
  ],
};
