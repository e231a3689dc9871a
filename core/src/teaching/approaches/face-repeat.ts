import type { PatternApproach } from './approach.js';
import { cornersUp, NONE_UP, ONE_UP, TWO_UP } from './seen/last-face.js';
import { at, faces, LOOK_AGAIN, looksLeft, say, turnsOf } from '../wording/index.js';

const SEQUENCE = "R U R' U R U2 R'";

/** One sequence, held by the count of corners that face up, at most three times. */
export const faceRepeat: PatternApproach = {
  id: 'face-repeat',
  title: 'Last face by repeating',
  short: 'One sequence',
  stage: 'yellow-face',
  after: 'yellow-cross',
  up: 'opposite',
  summary: 'Count the corners with {opposite} up, hold the cube by that count, do the seven turns.',
  cases: [
    {
      id: 'face-repeat/one',
      ...ONE_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'This corner goes to the back right, with {opposite} on top.',
          at('piece', 'UBR', 'after'),
          faces('piece', 'opposite', 'U', 'after'),
        ),
        say('It may take one more look.', looksLeft([0, 1])),
      ],
    },
    {
      id: 'face-repeat/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'After the seven turns just one corner has {opposite} on top. Then look again.',
          turnsOf(7),
          cornersUp(1, 'after'),
          LOOK_AGAIN,
        ),
      ],
    },
    {
      id: 'face-repeat/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'After the seven turns just one corner has {opposite} on top. Then look again.',
          turnsOf(7),
          cornersUp(1, 'after'),
          LOOK_AGAIN,
        ),
      ],
    },
  ],
};
