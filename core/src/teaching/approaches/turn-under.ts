import type { PatternApproach } from './approach.js';
import { lineUpLast, twist, type TwistLayer } from './seen/corner-twist.js';

const LAST_LAYER_UNDER: TwistLayer = {
  layer: 'D',
  name: 'bottom',
  facing: 'underneath',
  sequence: "R U R' U'",
};

/** The cube turned over: each wrong corner is twisted at bottom front right, never re-holding. */
export const turnUnder: PatternApproach = {
  id: 'turn-under',
  title: 'Corner twists, cube turned over',
  short: 'Turned over',
  stage: 'corner-twists',
  after: 'corner-places',
  up: 'first',
  keepsHold: true,
  summary: 'Turn the cube over and twist each wrong corner at the bottom front right.',
  cases: [
    {
      id: 'turn-under/twice',
      title: '{opposite} on the right: the four turns two times',
      ...twist(LAST_LAYER_UNDER, 'R', 2),
    },
    {
      id: 'turn-under/four',
      title: '{opposite} in front: the four turns four times',
      ...twist(LAST_LAYER_UNDER, 'F', 4),
    },
    { id: 'turn-under/line-up', ...lineUpLast(LAST_LAYER_UNDER) },
  ],
};
