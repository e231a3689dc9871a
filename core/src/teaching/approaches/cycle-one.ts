import type { PatternApproach } from './approach.js';
import { FIND, goRound, NONE_SOLVED, ONE_SOLVED, solvedBehind } from './seen/last-edges.js';
import {
  at,
  besides,
  colour,
  count,
  done,
  looksLeft,
  say,
  stretch,
  turnsOf,
} from '../wording/index.js';

const SEQUENCE = "R U' R U R U R U' R' U' R2";

/** Only one sequence, once or twice, whichever way the edges go round. */
export const cycleOne: PatternApproach = {
  id: 'cycle-one',
  title: 'Last edges by one sequence',
  short: 'One sequence',
  stage: 'edge-cycle',
  after: 'corner-swap',
  up: 'opposite',
  summary: 'Hold the solved side at the back and do the one sequence, once or twice.',
  cases: [
    {
      id: 'cycle-one/once',
      title: 'The front edge belongs on the right: once',
      seen: { 'UB.B': 'back', 'UF.F': 'right' },
      pieces: ['UF'],
      sequence: SEQUENCE,
      find: FIND,
      look: solvedBehind('right'),
      why: [...goRound('UF', 'UR', 'UL'), say('That solves the cube.', done())],
    },
    {
      id: 'cycle-one/twice',
      title: 'The front edge belongs on the left: twice',
      seen: { 'UB.B': 'back', 'UF.F': 'left' },
      pieces: ['UF'],
      sequence: SEQUENCE,
      times: 2,
      find: FIND,
      look: [
        ...solvedBehind('left'),
        say('Do the eleven turns two times: then the cube is solved.', turnsOf(11, 2), done()),
      ],
      why: [
        say(
          'The first eleven turns take the edge in front to the right.',
          stretch('first', 1, 11),
          at('UF', 'UR', 11),
        ),
        say(
          'The last eleven turns take it to the left, and the cube is solved.',
          stretch('last', 12, 22),
          at('piece', 'UL', 22),
          done(),
        ),
      ],
    },
    {
      id: 'cycle-one/none',
      title: 'No side is solved',
      rank: 2,
      seen: { 'UF.F': ['right', 'back'] },
      pieces: ['UF'],
      sequence: SEQUENCE,
      find: FIND,
      look: [
        NONE_SOLVED,
        say(
          'The edge in front does not show {left}.',
          colour('UF.F', '!left', 'before'),
          besides(colour('UF.F', '!front', 'before')),
        ),
      ],
      why: [
        say('After these turns one {opposite} edge is solved.', count(ONE_SOLVED, 1, 'after')),
        say('It takes one more look.', looksLeft(1)),
      ],
    },
  ],
};
