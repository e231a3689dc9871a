import type { Case, PatternApproach } from './approach.js';
import { TUCK_IN } from './corners-match.js';
import { DIG_OUT, edgeAwayCornerUp, goesTo } from './seen/middle-edge.js';
import {
  apart,
  at,
  besides,
  count,
  has,
  home,
  next,
  say,
  type Sentence,
  solved,
  touch,
  turned,
} from '../wording/index.js';

const RIGHT_HALF = "U R U R' U'";
const LEFT_HALF = "U' L' U' L U";

const firstHalf = (side: 'right' | 'left'): Sentence[] => {
  const corner = side === 'right' ? 'DFR' : 'DFL';
  return [
    ...edgeAwayCornerUp(side),
    say(
      'The next step solves the corner and the edge.',
      besides(apart('piece', corner, 'after')),
      next(solved('piece', 'after'), solved(corner, 'after')),
    ),
  ];
};

/** The corner that came up is put back as corners are; on the way it meets the edge behind it. */
const putBack = (side: 'right' | 'left'): Omit<Case, 'id'> => {
  const [waits, over, goes] = side === 'right' ? ['UB', 'UR', 'FR'] : ['UB', 'UL', 'FL'];
  return {
    ...TUCK_IN[side],
    title: `The corner is up, {first} on the ${side}: put it back`,
    rank: 0,
    look: [
      say(
        'It is the one {first} corner that is not solved.',
        count({ kind: 'corner', with: 'first', solved: false }, 1, 'before'),
      ),
    ],
    why: [
      say(
        `The ${side} side takes the corner to the back, beside the edge that waits there.`,
        turned(side === 'right' ? 'R' : 'L', 1),
        at('piece', 'B', 1),
        touch('piece', waits, 1),
      ),
      say(
        `The top turns both to the ${side}, still side by side.`,
        turned('U', 2),
        besides(at(waits, over, 2)),
        at('piece', over, 2),
        touch('piece', waits, 2),
      ),
      say(
        'The third turn takes both down, and the corner is solved.',
        home('piece', 3),
        at('piece', 'D', 3),
        besides(at(waits, goes, 3)),
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
          'They also bring the {first} corner at the front right to the top: the next step solves it.',
          has('DFR', 'first'),
          at('DFR', 'U', 'after'),
          next(solved('DFR', 'after')),
        ),
      ],
    },
  ],
};
