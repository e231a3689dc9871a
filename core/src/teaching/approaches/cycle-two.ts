import type { PatternApproach } from './approach.js';
import { FIND, goRound, NONE_SOLVED, ONE_SOLVED, solvedBehind } from './seen/last-edges.js';
import { anyHold, count, done, LOOK_AGAIN, say } from '../wording/index.js';

const LEFT = "F2 U L R' F2 L' R U F2";

/** One sequence for each way three last edges go round. */
export const cycleTwo: PatternApproach = {
  id: 'cycle-two',
  title: 'Last edges, a sequence for each way',
  short: 'For each way',
  stage: 'edge-cycle',
  after: 'corner-swap',
  up: 'opposite',
  summary: 'Hold the solved side at the back and send the other three edges round, left or right.',
  cases: [
    {
      id: 'cycle-two/left',
      title: 'The front edge belongs on the left',
      seen: { 'UB.B': 'back', 'UF.F': 'left' },
      pieces: ['UF'],
      sequence: LEFT,
      find: FIND,
      look: solvedBehind('left'),
      why: [...goRound('UF', 'UL', 'UR'), say('That solves the cube.', done())],
    },
    {
      id: 'cycle-two/right',
      title: 'The front edge belongs on the right',
      seen: { 'UB.B': 'back', 'UF.F': 'right' },
      pieces: ['UF'],
      sequence: "F2 U' L R' F2 L' R U' F2",
      find: FIND,
      look: solvedBehind('right'),
      why: [...goRound('UF', 'UR', 'UL'), say('That solves the cube.', done())],
    },
    {
      id: 'cycle-two/none',
      title: 'No side is solved',
      rank: 2,
      seen: {},
      pieces: ['UF', 'UR', 'UB', 'UL'],
      sequence: LEFT,
      find: FIND,
      look: [NONE_SOLVED],
      why: [
        say('Any side may be in front.', anyHold(count(ONE_SOLVED, 1, 'after'))),
        say(
          'After these turns one {opposite} edge is solved. Then look again.',
          count(ONE_SOLVED, 1, 'after'),
          LOOK_AGAIN,
        ),
      ],
    },
  ],
};
