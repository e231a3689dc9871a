import type { PatternApproach } from './approach.js';
import { CORNERS_ROUND, EVERY_SIDE, makesPair, NO_PAIR, pairOn } from './seen/corner-pair.js';
import { exchange, say, stays, takesBack, turnsOf } from '../wording/index.js';

const SEQUENCE = "L' U R U' L U R' R U R' U R U2 R'";

/** Exchanges two corners; the side that shows two of one colour is held on the left. The pair of turns in the middle cancels: it is kept by those who learn the sequence as two parts. */
export const swapLeft: PatternApproach = {
  id: 'swap-left',
  title: 'Corner swap, keeping the left pair',
  short: 'Left pair',
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
      why: [
        say(
          'The corners on the left stay; those on the right change places.',
          stays('UFL'),
          stays('UBL'),
          exchange('UFR', 'UBR'),
        ),
        EVERY_SIDE,
        say(
          'It is two parts of seven turns. The eighth turn takes back the seventh.',
          turnsOf(7, 2),
          takesBack(8, 7),
        ),
      ],
    },
    {
      id: 'swap-left/none',
      ...NO_PAIR,
      sequence: SEQUENCE,
      why: makesPair('right', 'on the right'),
    },
  ],
};
