import type { PatternApproach } from './approach.js';
import { ANGLE, BAR, DOT } from './seen/last-cross.js';

const SEQUENCE = "F U R U' R' F'";

/** The sequence that begins with the top, repeated; the angle needs it once, the bar twice. */
export const ycrossAlt: PatternApproach = {
  id: 'ycross-alt',
  title: 'Last cross by repeating, top before right',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-alt/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: 'Any hold will do. The six turns flip two edges, and then two {opposite} ones face up.',
    },
    {
      id: 'ycross-alt/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: 'The six turns flip the front and right edges, and that finishes the {opposite} cross.',
    },
    {
      id: 'ycross-alt/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: 'From here the six turns leave two {opposite} edges up side by side. One more look and you are nearly there.',
    },
  ],
};
