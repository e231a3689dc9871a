import type { PatternApproach } from './approach.js';
import { cornersUp, NONE_UP, ONE_UP_FRONT, ONE_UP_RIGHT, TWO_UP } from './seen/last-face.js';
import { at, done, faces, inTheEnd, looksLeft, say, turnsOf } from '../wording/index.js';

const SEQUENCE = "R U R' U R U2 R'";

/** Each of the two cases with one corner up has its own sequence; the others lead to them. */
export const faceTwo: PatternApproach = {
  id: 'face-two',
  title: 'Last face by two sequences',
  short: 'Two sequences',
  stage: 'yellow-face',
  after: 'yellow-cross',
  up: 'opposite',
  summary: 'Come to one corner up, then use the sequence for the way the others are twisted.',
  cases: [
    {
      id: 'face-two/one-front',
      ...ONE_UP_FRONT,
      sequence: SEQUENCE,
      why: [
        say(
          'The corner at the front left goes to the back right, with {opposite} on top.',
          at('UFL', 'UBR', 'after'),
          faces('UFL', 'opposite', 'U', 'after'),
        ),
        say(
          'Then all four corners show {opposite} on top: the {opposite} side is done.',
          cornersUp(4, 'after'),
          done(),
        ),
      ],
    },
    {
      id: 'face-two/one-right',
      ...ONE_UP_RIGHT,
      sequence: "R U2 R' U' R U' R'",
      why: [
        say(
          'The corner at the back right goes to the front left, with {opposite} on top.',
          at('UBR', 'UFL', 'after'),
          faces('UBR', 'opposite', 'U', 'after'),
        ),
        say(
          'Then all four corners show {opposite} on top: the {opposite} side is done.',
          cornersUp(4, 'after'),
          done(),
        ),
      ],
    },
    {
      id: 'face-two/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'After the seven turns just one corner has {opposite} on top.',
          turnsOf(7),
          cornersUp(1, 'after'),
        ),
        say('One more look, and the {opposite} side is done.', looksLeft(1), inTheEnd(done())),
      ],
    },
    {
      id: 'face-two/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: [
        say(
          'After the seven turns just one corner has {opposite} on top.',
          turnsOf(7),
          cornersUp(1, 'after'),
        ),
        say('One more look, and the {opposite} side is done.', looksLeft(1), inTheEnd(done())),
      ],
    },
  ],
};
