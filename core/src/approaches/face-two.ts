import type { PatternApproach } from './approach.js';
import { NONE_UP, ONE_UP_FRONT, ONE_UP_RIGHT, TWO_UP } from './seen/last-face.js';

const SEQUENCE = "R U R' U R U2 R'";

/** Each of the two cases with one corner up has its own sequence; the others lead to them. */
export const faceTwo: PatternApproach = {
  id: 'face-two',
  title: 'Last face by two sequences',
  stage: 'yellow-face',
  after: 'yellow-cross',
  up: 'opposite',
  summary: 'Come to one corner up, then use the sequence for the way the others are twisted.',
  cases: [
    {
      id: 'face-two/one-front',
      ...ONE_UP_FRONT,
      sequence: SEQUENCE,
      why: 'The corner at the front left stays; the other three all twist the way they need, and the {opposite} face is done.',
    },
    {
      id: 'face-two/one-right',
      ...ONE_UP_RIGHT,
      sequence: "R U2 R' U' R U' R'",
      why: 'The corner at the back right stays; the other three all twist the other way, and the {opposite} face is done.',
    },
    {
      id: 'face-two/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: 'In this hold the seven turns leave exactly one corner up. Look again: one of the two sequences then finishes the face.',
    },
    {
      id: 'face-two/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: 'In this hold the seven turns bring one corner up. Look again: one of the two sequences then finishes the face.',
    },
  ],
};
