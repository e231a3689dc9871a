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

const SEQUENCE = "F U R U' R' F'";

/** The sequence that begins with the top, repeated; the angle needs it once, the bar twice. */
export const ycrossAlt: PatternApproach = {
  id: 'ycross-alt',
  title: 'Last cross by repeating, top before right',
  short: 'Top first',
  stage: 'yellow-cross',
  after: 'middle',
  up: 'opposite',
  summary: 'See how many {opposite} edges face up, hold them right, do the six turns, look again.',
  cases: [
    {
      id: 'ycross-alt/dot',
      ...DOT,
      sequence: SEQUENCE,
      why: [ANY_HOLD, leavesTwo('across', 'UF', 'UB'), THEN_LOOK_AGAIN],
    },
    {
      id: 'ycross-alt/angle',
      ...ANGLE,
      sequence: SEQUENCE,
      why: turnsRound('UF', 'UR'),
    },
    {
      id: 'ycross-alt/bar',
      ...BAR,
      sequence: SEQUENCE,
      why: [leavesTwo('beside', 'UB', 'UL'), ONE_MORE_LOOK],
    },
  ],
};
