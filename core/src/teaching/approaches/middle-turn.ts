import type { PatternApproach } from './approach.js';
import { DIG_OUT, digsOut, edgeAwayCornerUp, goesTo } from './seen/middle-edge.js';
import {
  apart,
  besides,
  home,
  joined,
  later,
  say,
  type Sentence,
  solved,
  unsolved,
  wholeThen,
} from '../wording/index.js';

const RIGHT_HAND = "U R U R' U' y L' U' L U";
const LEFT_HAND = "U' L' U' L U y' R U R' U'";

/** The whole cube turns after five turns; on the sixth corner and edge meet, on the eighth they are in. */
const why = (side: 'right' | 'left'): Sentence[] => {
  const corner = side === 'right' ? 'DFR' : 'DFL';
  return [
    ...edgeAwayCornerUp(side),
    say(
      'Then the whole cube is turned. After the next turn the two are side by side, and their colours match.',
      besides(apart('piece', corner, 5)),
      wholeThen(6),
      joined('piece', corner, 6),
    ),
    say(
      'Two turns later both are solved.',
      later(6, 8),
      home('piece', 8),
      besides(unsolved(corner, 7)),
      solved(corner, 8),
    ),
  ];
};

/** Away, four turns with one hand, turn the cube, four turns with the other. */
export const middleTurn: PatternApproach = {
  id: 'middle-turn',
  title: 'Middle edges, turning the cube',
  short: 'Turning the cube',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Turn the edge away from its place, then four turns with each hand.',
  cases: [
    { id: 'middle-turn/right', ...goesTo('right'), sequence: RIGHT_HAND, why: why('right') },
    { id: 'middle-turn/left', ...goesTo('left'), sequence: LEFT_HAND, why: why('left') },
    {
      id: 'middle-turn/stuck',
      ...DIG_OUT,
      why: digsOut('FL'),
      sequence: RIGHT_HAND,
    },
  ],
};
