import type { PatternApproach } from './approach.js';
import {
  ANGLE,
  ANY_HOLD,
  BAR,
  DOT,
  leavesTwo,
  ONE_MORE_LOOK,
  turnsRound,
} from './seen/last-cross.js';

const FOR_BAR = "F R U R' U' F'";

/** A sequence of its own for the angle and for the bar. */
export const ycrossTwo: PatternApproach = {
  id: 'ycross-two',
  title: 'Last cross by two sequences',
  short: 'Two sequences',
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
      why: [ANY_HOLD, leavesTwo('beside', 'UF', 'UR'), ONE_MORE_LOOK],
    },
    {
      id: 'ycross-two/angle',
      ...ANGLE,
      sequence: "F U R U' R' F'",
      why: turnsRound('UF', 'UR'),
    },
    {
      id: 'ycross-two/bar',
      ...BAR,
      sequence: FOR_BAR,
      why: turnsRound('UF', 'UB'),
    },
  ],
};
