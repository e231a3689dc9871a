import type { PatternApproach } from './approach.js';
import { ANGLE, BAR, DOT } from './seen/last-cross.js';

const SEQUENCE = "F R U R' U' F'";

/** One sequence, done until all four edges face up; at most three times. */
export const ycrossRepeat: PatternApproach = {
  id: 'ycross-repeat',
  title: 'Last cross by repeating',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-repeat/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: 'Any hold will do. The six turns flip two edges, and then two {opposite} ones face up side by side.',
    },
    {
      id: 'ycross-repeat/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: 'From here the six turns leave two {opposite} edges up across from each other. One more look and you are nearly there.',
    },
    {
      id: 'ycross-repeat/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: 'The six turns flip the front and back edges, and that finishes the {opposite} cross.',
    },
  ],
};
