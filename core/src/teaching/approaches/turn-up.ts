import type { PatternApproach } from './approach.js';
import { lineUpLast, twist, type TwistLayer } from './seen/corner-twist.js';

const LAST_LAYER_UP: TwistLayer = {
  layer: 'U',
  name: 'top',
  facing: 'on top',
  sequence: "R' D' R D",
};

/** Each wrong corner is twisted at the top front right, one side in front, never re-held. */
export const turnUp: PatternApproach = {
  id: 'turn-up',
  title: 'Corner twists, last layer up',
  short: 'Last layer up',
  stage: 'corner-twists',
  after: 'corner-places',
  up: 'opposite',
  keepsHold: true,
  summary: 'Keep one side in front and twist each wrong corner at the top front right.',
  cases: [
    {
      id: 'turn-up/twice',
      title: '{opposite} on the right: the four turns two times',
      ...twist(LAST_LAYER_UP, 'R', 2),
    },
    {
      id: 'turn-up/four',
      title: '{opposite} in front: the four turns four times',
      ...twist(LAST_LAYER_UP, 'F', 4),
    },
    { id: 'turn-up/line-up', ...lineUpLast(LAST_LAYER_UP) },
  ],
};
