import type { LiningUp, PatternApproach } from './approach.js';
import { DIG_OUT, USABLE } from './seen/middle-edge.js';

const BAR_ON_RIGHT: LiningUp = {
  layer: 'U',
  turning:
    'Its side sticker is {right}: turn the top until it sits over the {right} centre, and hold that side on the right.',
  already:
    'Its side sticker is {right} and sits over the {right} centre: hold that side on the right.',
};
const TO_FRONT = "R' U' R' U' R' U R U R U";
const KEEPS = 'Only this edge and two others move; every corner ends where it was.';

/** Five turns and five back, with two layers only; the matched edge is held on the right. */
export const middleFive: PatternApproach = {
  id: 'middle-five',
  title: 'Middle edges, five and five',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary:
    'Hold the matched edge on the right; five turns forward, five back, with right and top only.',
  cases: [
    {
      id: 'middle-five/back',
      title: 'The edge goes to the back right',
      seen: { 'UR.R': 'right', 'UR.U': 'back' },
      pieces: ['UR'],
      lineUp: BAR_ON_RIGHT,
      sequence: "R U R U R U' R' U' R' U'",
      look: USABLE,
      why: `Its top sticker is {back}, so it goes to the back: the right side starts away from you. ${KEEPS}`,
    },
    {
      id: 'middle-five/front',
      title: 'The edge goes to the front right',
      seen: { 'UR.R': 'right', 'UR.U': 'front' },
      pieces: ['UR'],
      lineUp: BAR_ON_RIGHT,
      sequence: TO_FRONT,
      look: USABLE,
      why: `Its top sticker is {front}, so it goes to the front: the right side starts towards you. ${KEEPS}`,
    },
    { id: 'middle-five/stuck', ...DIG_OUT, sequence: TO_FRONT },
  ],
};
