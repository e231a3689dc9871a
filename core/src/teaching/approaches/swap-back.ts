import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, EVERY_SIDE, makesPair, NO_PAIR, pairOn } from './seen/corner-pair.js';
import { at, round, say, stays } from '../wording/index.js';

const SEQUENCE = "R' F R' B2 R F' R' B2 R2";

/** Exchanges two corners; the side that shows two of one colour is held at the back. */
export const swapBack: PatternApproach = {
  id: 'swap-back',
  title: 'Corner swap, keeping the back pair',
  short: 'Back pair',
  stage: 'corner-swap',
  after: 'yellow-face',
  up: 'opposite',
  summary:
    'Hold the side with two corners of one colour at the back, send three corners round, line up the top.',
  cases: [
    { id: 'swap-back/round', ...CORNERS_ROUND, sequence: '' },
    {
      id: 'swap-back/pair',
      ...pairOn('back', 'at the back'),
      sequence: SEQUENCE,
      why: [
        say(
          'Three corners go round; the one at the front left stays.',
          round('UFR', 'UBL', 'UBR'),
          stays('UFL'),
        ),
        say(
          'The corners at the back go to the right.',
          at('UBL', 'UBR', 'after'),
          at('UBR', 'UFR', 'after'),
        ),
        EVERY_SIDE,
      ],
    },
    { id: 'swap-back/none', ...NO_PAIR, sequence: SEQUENCE, why: makesPair('left', 'on the left') },
  ],
};
