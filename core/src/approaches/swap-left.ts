import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, MAKE_A_PAIR, NO_PAIR, pairOn, STAY_AND_SWAP } from './seen/corner-pair.js';

const SEQUENCE = "L' U R U' L U R' R U R' U R U2 R'";

/** Exchanges two corners; the side that shows two of one colour is held on the left. The pair of turns in the middle cancels: it is kept by those who learn the sequence as two parts. */
export const swapLeft: PatternApproach = {
  id: 'swap-left',
  title: 'Corner swap, keeping the left pair',
  stage: 'corner-swap',
  after: 'yellow-face',
  up: 'opposite',
  summary:
    'Hold the side with two corners of one colour on the left, exchange two corners, line up the top.',
  cases: [
    { id: 'swap-left/round', ...CORNERS_ROUND, sequence: '' },
    {
      id: 'swap-left/pair',
      ...pairOn('left', 'on the left'),
      sequence: SEQUENCE,
      why: STAY_AND_SWAP,
    },
    { id: 'swap-left/none', ...NO_PAIR, sequence: SEQUENCE, why: MAKE_A_PAIR },
  ],
};
