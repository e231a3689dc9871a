import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, EVERY_SIDE, makesPair, NO_PAIR, pairOn } from './seen/corner-pair.js';
import { at, round, say, stays } from '../wording/index.js';

const SEQUENCE = "x R2 D2 R U R' D2 R U' R x'";

/** Exchanges two corners; the side that shows two of one colour is held on the right. */
export const swapRight: PatternApproach = {
  id: 'swap-right',
  title: 'Corner swap, keeping the right pair',
  short: 'Right pair',
  stage: 'corner-swap',
  after: 'yellow-face',
  up: 'opposite',
  summary:
    'Hold the side with two corners of one colour on the right, send three corners round, line up the top.',
  cases: [
    { id: 'swap-right/round', ...CORNERS_ROUND, sequence: '' },
    {
      id: 'swap-right/pair',
      ...pairOn('right', 'on the right'),
      sequence: SEQUENCE,
      why: [
        say(
          'Three corners go round; the one at the front left stays.',
          round('UFR', 'UBR', 'UBL'),
          stays('UFL'),
        ),
        say(
          'The corners on the right go to the back.',
          at('UFR', 'UBR', 'after'),
          at('UBR', 'UBL', 'after'),
        ),
        EVERY_SIDE,
      ],
    },
    { id: 'swap-right/none', ...NO_PAIR, sequence: SEQUENCE, why: makesPair('front', 'in front') },
  ],
};
