import type { PatternApproach } from './approach.js';

const SEQUENCE = "R U' R U R U R U' R' U' R2";

/** Only one sequence, once or twice, whichever way the edges go round. */
export const cycleOne: PatternApproach = {
  id: 'cycle-one',
  title: 'Last edges by one sequence',
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
      look: 'The {back} side is completely solved: hold it at the back. The {piece} edge in front belongs on the right.',
      why: 'The three other edges go round: front to right, right to left, left to front. Once solves the cube.',
    },
    {
      id: 'cycle-one/twice',
      title: 'The front edge belongs on the left: twice',
      seen: { 'UB.B': 'back', 'UF.F': 'left' },
      pieces: ['UF'],
      sequence: SEQUENCE,
      times: 2,
      look: 'The {back} side is completely solved: hold it at the back. The {piece} edge in front belongs on the left.',
      why: 'The three other edges go round the other way than they must, so go round twice: that comes to the same.',
    },
    {
      id: 'cycle-one/none',
      title: 'No side is solved',
      rank: 2,
      seen: { 'UF.F': ['right', 'back'] },
      pieces: ['UF'],
      sequence: SEQUENCE,
      look: 'No last edge is at home. Hold the cube so that the {piece} edge in front does not belong on the left, but on the right or at the back.',
      why: 'From this hold once brings one side home and leaves the others needing the sequence just once more: look again.',
    },
  ],
};
