import type { Case, PatternApproach } from './approach.js';
import {
  apart,
  at,
  count,
  home,
  say,
  type Sentence,
  solved,
  then,
  touch,
} from '../wording/index.js';
import { TUCK_IN } from './corners-match.js';
import { DIG_OUT, edgeAwayCornerUp, goesTo } from './seen/middle-edge.js';

const RIGHT_HALF = "U R U R' U'";
const LEFT_HALF = "U' L' U' L U";

const firstHalf = (side: 'right' | 'left'): Sentence[] => {
  const [corner, rest] =
    side === 'right' ? (['DFR', "y L' U' L"] as const) : (['DFL', "y' R U R'"] as const);
  return [
    ...edgeAwayCornerUp(side),
    say(
      'The next step puts that corner back, and the edge goes in with it.',
      apart('piece', corner, 'after'),
      then(rest, solved('piece', 'after'), solved(corner, 'after')),
    ),
  ];
};

/** The corner that came up is put back as corners are; on the way it meets the edge behind it. */
const putBack = (side: 'right' | 'left'): Omit<Case, 'id'> => {
  const [waits, over, goes] = side === 'right' ? ['UB', 'UR', 'FR'] : ['UB', 'UL', 'FL'];
  return {
    ...TUCK_IN[side],
    rank: 0,
    look: [
      say(
        'It is the one {first} corner that is not solved.',
        count({ kind: 'corner', with: 'first', solved: false }, 1, 'before'),
      ),
    ],
    why: [
      say(
        `The ${side} side takes the corner back, beside the edge that waits there.`,
        touch('piece', waits, 1),
      ),
      say('The top brings both over their places.', touch('piece', waits, 2), at(waits, over, 2)),
      say(
        'The side takes them down together, and the corner is solved.',
        home('piece', 3),
        at('piece', 'D', 3),
        at(waits, goes, 3),
      ),
    ],
  };
};

/** The first half lifts a corner out to meet the edge; the corner is put back as corners are. */
export const middleRefit: PatternApproach = {
  id: 'middle-refit',
  title: 'Middle edges, refitting the corner',
  short: 'Refit the corner',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Turn the edge away, four turns, then put the corner that came up back in its place.',
  cases: [
    { id: 'middle-refit/put-right', ...putBack('right') },
    { id: 'middle-refit/put-left', ...putBack('left') },
    { id: 'middle-refit/right', ...goesTo('right'), sequence: RIGHT_HALF, why: firstHalf('right') },
    { id: 'middle-refit/left', ...goesTo('left'), sequence: LEFT_HALF, why: firstHalf('left') },
    {
      id: 'middle-refit/stuck',
      ...DIG_OUT,
      sequence: RIGHT_HALF,
      why: [
        say('These turns push the edge out to the top.', at('piece', 'U', 'after')),
        say(
          'They also bring up a {first} corner: the next step puts it back.',
          at('DFR', 'U', 'after'),
          then("y L' U' L", solved('DFR', 'after')),
        ),
      ],
    },
  ],
};
