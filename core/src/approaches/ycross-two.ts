import type { PatternApproach } from './approach.js';
import { anyHold, count, done, looksLeft, say, turnsOf } from './claims.js';
import { ANGLE, BAR, DOT, flipped, twoUp } from './seen/last-cross.js';

const FOR_BAR = "F R U R' U' F'";

/** A sequence of its own for the angle and for the bar. */
export const ycrossTwo: PatternApproach = {
  id: 'ycross-two',
  title: 'Last cross by two sequences',
  short: 'Two sequences',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary:
    'One sequence for two {opposite} edges side by side, another for two across from each other.',
  cases: [
    {
      id: 'ycross-two/dot',
      ...DOT,
      sequence: FOR_BAR,
      why: [
        say(
          'Any hold will do.',
          anyHold(count({ kind: 'edge', facing: { colour: 'opposite', sides: 'U' } }, 2, 'after')),
        ),
        say(
          'The six turns for the bar leave two of them facing up, side by side.',
          turnsOf(6),
          ...twoUp('UF', 'UR'),
        ),
        say('One more look will finish the cross.', looksLeft(1)),
      ],
    },
    {
      id: 'ycross-two/angle',
      ...ANGLE,
      sequence: "F U R U' R' F'",
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
      id: 'ycross-two/bar',
      ...BAR,
      sequence: FOR_BAR,
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
