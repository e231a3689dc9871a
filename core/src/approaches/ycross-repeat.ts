import type { PatternApproach } from './approach.js';
import { anyHold, count, done, looksLeft, say, turnsOf } from './claims.js';
import { ANGLE, BAR, DOT, flipped, twoUp } from './seen/last-cross.js';

const SEQUENCE = "F R U R' U' F'";

/** One sequence, done until all four edges face up; at most three times. */
export const ycrossRepeat: PatternApproach = {
  id: 'ycross-repeat',
  title: 'Last cross by repeating',
  short: 'Right side first',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-repeat/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: [
        say(
          'Any hold will do.',
          anyHold(count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, 2, 'after')),
        ),
        say(
          'The six turns leave two of them facing up, side by side. Then look again.',
          turnsOf(6),
          ...twoUp('UF', 'UR'),
        ),
      ],
    },
    {
      id: 'ycross-repeat/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: [
        say(
          'The six turns leave two of them facing up, across from each other.',
          turnsOf(6),
          ...twoUp('UL', 'UR'),
        ),
        say('One more look will finish the cross.', looksLeft(1)),
      ],
    },
    {
      id: 'ycross-repeat/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: [
        say(
          'The six turns turn round the two edges in front and at the back.',
          turnsOf(6),
          ...flipped('UF', 'UB'),
        ),
        say('Then all four face up.', done()),
      ],
    },
  ],
};
