import type { PatternApproach } from './approach.js';
import {
  ANGLE,
  ANY_HOLD,
  BAR,
  DOT,
  leavesTwo,
  ONE_MORE_LOOK,
  THEN_LOOK_AGAIN,
  turnsRound,
} from './seen/last-cross.js';

const SEQUENCE = "F R U R' U' F'";

/** One sequence, done until all four edges face up; at most three times. */
export const ycrossRepeat: PatternApproach = {
  id: 'ycross-repeat',
  title: 'Last cross by repeating',
  short: 'Right side first',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-repeat/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: [ANY_HOLD, leavesTwo('beside', 'UF', 'UR'), THEN_LOOK_AGAIN],
    },
    {
      id: 'ycross-repeat/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: [leavesTwo('across', 'UL', 'UR'), ONE_MORE_LOOK],
    },
    {
      id: 'ycross-repeat/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: turnsRound('UF', 'UB'),
    },
  ],
};
