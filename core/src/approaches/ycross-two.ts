import type { PatternApproach } from './approach.js';
import { ANGLE, BAR, DOT } from './seen/last-cross.js';

const FOR_BAR = "F R U R' U' F'";

/** A sequence of its own for the angle and for the bar. */
export const ycrossTwo: PatternApproach = {
  id: 'ycross-two',
  title: 'Last cross by two sequences',
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
      why: 'Any hold will do. The turns for the bar flip two edges, and then two {opposite} ones face up side by side; look again.',
    },
    {
      id: 'ycross-two/angle',
      ...ANGLE,
      sequence: "F U R U' R' F'",
      why: 'The six turns flip the front and right edges, and that finishes the {opposite} cross.',
    },
    {
      id: 'ycross-two/bar',
      ...BAR,
      sequence: FOR_BAR,
      why: 'The six turns flip the front and back edges, and that finishes the {opposite} cross.',
    },
  ],
};
