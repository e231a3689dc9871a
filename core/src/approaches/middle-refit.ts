import type { PatternApproach } from './approach.js';
import { TUCK_IN } from './corners-match.js';
import { DIG_OUT, goesTo } from './seen/middle-edge.js';

const RIGHT_HALF = "U R U R' U'";
const LEFT_HALF = "U' L' U' L U";
const CAME_UP = 'The {piece} corner came up and is at the {at}. The edge is with it.';
const TAKES_EDGE =
  'Put back as any {first} corner is, it takes the edge along: both are home after three turns.';

/** The first half lifts a corner out to meet the edge; the corner is put back as corners are. */
export const middleRefit: PatternApproach = {
  id: 'middle-refit',
  title: 'Middle edges, refitting the corner',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Turn the edge away, four turns, then put the corner that came up back in its place.',
  cases: [
    { id: 'middle-refit/put-right', ...TUCK_IN.right, rank: 0, look: CAME_UP, why: TAKES_EDGE },
    { id: 'middle-refit/put-left', ...TUCK_IN.left, rank: 0, look: CAME_UP, why: TAKES_EDGE },
    {
      id: 'middle-refit/right',
      ...goesTo('right'),
      sequence: RIGHT_HALF,
      why: 'Its top sticker is {right}, so it goes to the right: the top takes it away to the left first. The four turns lift a {first} corner out to meet it; next that corner is put back.',
    },
    {
      id: 'middle-refit/left',
      ...goesTo('left'),
      sequence: LEFT_HALF,
      why: 'Its top sticker is {left}, so it goes to the left: the top takes it away to the right first. The four turns lift a {first} corner out to meet it; next that corner is put back.',
    },
    { id: 'middle-refit/stuck', ...DIG_OUT, sequence: RIGHT_HALF },
  ],
};
