import type { PatternApproach } from './approach.js';
import { at, done, faces, looksLeft, say, turnsOf } from '../wording/index.js';
import { cornersUp, NONE_UP, ONE_UP_FRONT, ONE_UP_RIGHT, TWO_UP } from './seen/last-face.js';

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
          'The corner at the front left goes to the back right, and {opposite} stays on top.',
          at('UFL', 'UBR', 'after'),
          faces('UFL', 'opposite', 'U', 'after'),
        ),
        say('The other three twist the way they need: the {opposite} side is done.', done()),
      ],
    },
    {
      id: 'face-two/one-right',
      ...ONE_UP_RIGHT,
      sequence: "R U2 R' U' R U' R'",
      why: [
        say(
          'The corner at the back right goes to the front left, and {opposite} stays on top.',
          at('UBR', 'UFL', 'after'),
          faces('UBR', 'opposite', 'U', 'after'),
        ),
        say('The other three twist the other way: the {opposite} side is done.', done()),
      ],
    },
    {
      id: 'face-two/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: [
        say('The seven turns leave just one corner up.', turnsOf(7), cornersUp(1, 'after')),
        say('One more look will finish the {opposite} side.', looksLeft(1)),
      ],
    },
    {
      id: 'face-two/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: [
        say('The seven turns bring one corner up.', turnsOf(7), cornersUp(1, 'after')),
        say('One more look will finish the {opposite} side.', looksLeft(1)),
      ],
    },
  ],
};
