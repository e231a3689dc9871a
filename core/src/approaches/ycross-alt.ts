import type { PatternApproach } from './approach.js';
import { anyHold, count, done, looksLeft, say, turnsOf } from './claims.js';
import { ANGLE, BAR, DOT, flipped, twoUp } from './seen/last-cross.js';

const SEQUENCE = "F U R U' R' F'";

/** The sequence that begins with the top, repeated; the angle needs it once, the bar twice. */
export const ycrossAlt: PatternApproach = {
  id: 'ycross-alt',
  title: 'Last cross by repeating, top before right',
  short: 'Top first',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-alt/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: [
        say(
          'Any hold will do.',
          anyHold(count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, 2, 'after')),
        ),
        say(
          'The six turns leave two of them facing up, across from each other. Then look again.',
          turnsOf(6),
          ...twoUp('UF', 'UB'),
        ),
      ],
    },
    {
      id: 'ycross-alt/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: [
        say(
          'The six turns turn round the two edges in front and on the right.',
          turnsOf(6),
          ...flipped('UF', 'UR'),
        ),
        say('Then all four face up.', done()),
      ],
    },
    {
      id: 'ycross-alt/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: [
        say(
          'The six turns leave two of them facing up, side by side.',
          turnsOf(6),
          ...twoUp('UB', 'UL'),
        ),
        say('One more look will finish the cross.', looksLeft(1)),
      ],
    },
  ],
};
