import type { PatternApproach } from './approach.js';
import { at, faces, looksLeft, say, turnsOf } from '../wording/index.js';
import { cornersUp, NONE_UP, ONE_UP, TWO_UP } from './seen/last-face.js';

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
          'This corner goes to another place, but {opposite} stays on top.',
          at('piece', 'UBR', 'after'),
          faces('piece', 'opposite', 'U', 'after'),
        ),
        say(
          'The other three twist. If some do not face up then, do it once more.',
          looksLeft([0, 1]),
        ),
      ],
    },
    {
      id: 'face-repeat/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'The seven turns leave just one corner up. Then look again.',
          turnsOf(7),
          cornersUp(1, 'after'),
        ),
      ],
    },
    {
      id: 'face-repeat/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'The seven turns bring one corner up. Then look again.',
          turnsOf(7),
          cornersUp(1, 'after'),
        ),
      ],
    },
  ],
};
