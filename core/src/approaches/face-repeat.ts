import type { PatternApproach } from './approach.js';
import { NONE_UP, ONE_UP, TWO_UP } from './seen/last-face.js';

const SEQUENCE = "R U R' U R U2 R'";

/** One sequence, held by the count of corners that face up, at most three times. */
export const faceRepeat: PatternApproach = {
  id: 'face-repeat',
  title: 'Last face by repeating',
  stage: 'yellow-face',
  after: 'yellow-cross',
  up: 'opposite',
  summary: 'Count the corners with {opposite} up, hold the cube by that count, do the seven turns.',
  cases: [
    {
      id: 'face-repeat/one',
      ...ONE_UP,
      sequence: SEQUENCE,
      why: 'The corner at the front left stays as it is while the other three twist. If the face is not done yet, look again: once more will do it.',
    },
    {
      id: 'face-repeat/two',
      ...TWO_UP,
      sequence: SEQUENCE,
      why: 'In this hold the seven turns leave exactly one corner up. Look again.',
    },
    {
      id: 'face-repeat/none',
      ...NONE_UP,
      sequence: SEQUENCE,
      why: 'In this hold the seven turns bring one corner up. Look again.',
    },
  ],
};
