import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, MAKE_A_PAIR, NO_PAIR, pairOn, STAY_AND_SWAP } from './seen/corner-pair.js';

const SEQUENCE = "x R2 D2 R U R' D2 R U' R x'";

/** Exchanges two corners; the side that shows two of one colour is held on the right. */
export const swapRight: PatternApproach = {
  id: 'swap-right',
  title: 'Corner swap, keeping the right pair',
  stage: 'corner-swap',
  after: 'yellow-face',
  up: 'opposite',
  summary:
    'Hold the side with two corners of one colour on the right, exchange two corners, line up the top.',
  cases: [
    { id: 'swap-right/round', ...CORNERS_ROUND, sequence: '' },
    {
      id: 'swap-right/pair',
      ...pairOn('right', 'on the right'),
      sequence: SEQUENCE,
      why: STAY_AND_SWAP,
    },
    { id: 'swap-right/none', ...NO_PAIR, sequence: SEQUENCE, why: MAKE_A_PAIR },
  ],
};
