import type { PatternApproach } from './approach.js';

const LEFT = "F2 U L R' F2 L' R U F2";

/** One sequence for each way three last edges go round. */
export const cycleTwo: PatternApproach = {
  id: 'cycle-two',
  title: 'Last edges, a sequence for each way',
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
      look: 'The {back} side is completely solved: hold it at the back. The {piece} edge in front belongs on the left.',
      why: 'The three other edges go round: front to left, left to right, right to front. That solves the cube.',
    },
    {
      id: 'cycle-two/right',
      title: 'The front edge belongs on the right',
      seen: { 'UB.B': 'back', 'UF.F': 'right' },
      pieces: ['UF'],
      sequence: "F2 U' L R' F2 L' R U' F2",
      look: 'The {back} side is completely solved: hold it at the back. The {piece} edge in front belongs on the right.',
      why: 'The three other edges go round: front to right, right to left, left to front. That solves the cube.',
    },
    {
      id: 'cycle-two/none',
      title: 'No side is solved',
      rank: 2,
      seen: {},
      pieces: ['UF', 'UR', 'UB', 'UL'],
      sequence: LEFT,
      look: 'Compare each last edge with the centre of its side: the {piece} edge in front is not at home, and neither is any other.',
      why: 'Either sequence will do, from any side. Afterwards one side is solved; then look again.',
    },
  ],
};
