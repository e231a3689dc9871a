import type { PatternApproach } from './approach.js';
import { DIG_OUT, goesTo } from './seen/middle-edge.js';

const RIGHT = "U R U' R' U' F' U F";
const LEFT = "U' L' U L U F U' F'";

/** Eight turns in one hold, to the right or to the left. */
export const middleEight: PatternApproach = {
  id: 'middle-eight',
  title: 'Middle edges, eight turns in one hold',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Make the bar, see which way the edge goes, do the eight turns for that side.',
  cases: [
    {
      id: 'middle-eight/right',
      ...goesTo('right'),
      sequence: RIGHT,
      why: 'Its top sticker is {right}, so it goes to the right. The first half brings corner and edge together, the second half puts both in; the front never leaves the front.',
    },
    {
      id: 'middle-eight/left',
      ...goesTo('left'),
      sequence: LEFT,
      why: 'Its top sticker is {left}, so it goes to the left. The first half brings corner and edge together, the second half puts both in; the front never leaves the front.',
    },
    { id: 'middle-eight/stuck', ...DIG_OUT, sequence: RIGHT },
  ],
};
