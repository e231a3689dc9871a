import type { LiningUp, PatternApproach } from './approach.js';
import { STUCK_BELOW } from './seen/first-corner.js';

const ABOVE: LiningUp = {
  layer: 'U',
  turning:
    'Turn the top until it is right above its place, between the {front} and {right} centres.',
  already: 'It is right above its place, between the {front} and {right} centres.',
};
const LOOK = 'The {piece} corner is at the {at}.';

/** Above its place at the front right, one of three short sequences puts a corner in. */
export const cornersThree: PatternApproach = {
  id: 'corners-three',
  title: 'Corners by three sequences',
  stage: 'corners',
  after: 'cross',
  up: 'opposite',
  summary:
    'Hold the corner above its place at the front right; where {first} faces tells which turns.',
  cases: [
    {
      id: 'corners-three/right',
      title: 'First colour to the right',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: ABOVE,
      sequence: "R U R'",
      look: LOOK,
      why: '{first} faces right: the side comes up, the top brings the corner over, and the side takes it down with {first} underneath.',
    },
    {
      id: 'corners-three/front',
      title: 'First colour to the front',
      seen: { 'UFR.F': 'first', 'UFR.R': 'right' },
      pieces: ['UFR'],
      lineUp: ABOVE,
      sequence: "U R U' R'",
      look: LOOK,
      why: '{first} faces you: the corner waits at the left while the side comes up, comes back over it, and goes down with it.',
    },
    {
      id: 'corners-three/up',
      title: 'First colour up',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: ABOVE,
      sequence: "R U2 R' U' R U R'",
      look: LOOK,
      why: '{first} faces up: the first three turns bring it to a side, the rest put the corner in. One sequence instead of looking twice.',
    },
    {
      id: 'corners-three/stuck',
      title: 'Stuck below: take it out',
      rank: 2,
      ...STUCK_BELOW,
      sequence: "R U R'",
      why: 'The same three turns take it out to the top, where it can be put in like the others.',
    },
  ],
};
