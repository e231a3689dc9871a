import type { PatternApproach } from './approach.js';
import { DIG_OUT, goesTo } from './seen/middle-edge.js';

const RIGHT_HAND = "U R U R' U' y L' U' L U";
const LEFT_HAND = "U' L' U' L U y' R U R' U'";

/** Away, four turns with one hand, turn the cube, four turns with the other. */
export const middleTurn: PatternApproach = {
  id: 'middle-turn',
  title: 'Middle edges, turning the cube',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Turn the edge away from its place, then four turns with each hand.',
  cases: [
    {
      id: 'middle-turn/right',
      ...goesTo('right'),
      sequence: RIGHT_HAND,
      why: 'Its top sticker is {right}, so it goes to the right. The first four turns lift a {first} corner out to meet it; the last four, from the {right} side, put corner and edge in together.',
    },
    {
      id: 'middle-turn/left',
      ...goesTo('left'),
      sequence: LEFT_HAND,
      why: 'Its top sticker is {left}, so it goes to the left. The first four turns lift a {first} corner out to meet it; the last four, from the {left} side, put corner and edge in together.',
    },
    { id: 'middle-turn/stuck', ...DIG_OUT, sequence: RIGHT_HAND },
  ],
};
