import type { LiningUp, PatternApproach } from './approach.js';
import { stuck, tucksIn, turnsOutward } from './seen/first-corner.js';
import {
  at,
  belongs,
  besides,
  colour,
  faces,
  say,
  type Sentence,
  solved,
  unsolved,
} from '../wording/index.js';

const under = (side: 'right' | 'left'): LiningUp => {
  const [place, above, letter] = side === 'right' ? ['DFR', 'UFR', 'R'] : ['DFL', 'UFL', 'L'];
  const under = [at('piece', place, 'lined-up'), belongs('piece', above)];
  return {
    layer: 'D',
    turning: [
      say(`Turn the bottom until it is under its place, at the front ${side}.`, ...under),
      say(`Then {first} is on the ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
    already: [
      say(`It is under its place, at the front ${side}.`, ...under),
      say(`{first} is on the ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
  };
};

const ON_A_SIDE = say(
  'Its {first} sticker is on a side.',
  faces('piece', 'first', 'FRBL', 'before'),
);
const edgeBack = (edge: 'UR' | 'UL'): Sentence =>
  say(
    `The cross edge on the ${edge === 'UR' ? 'right' : 'left'} goes along; after the third turn it is solved again.`,
    besides(unsolved(edge, 1)),
    solved(edge, 3),
  );

/** The first layer stays on top, where the work is seen; corners come up from below. */
export const cornersWhiteUp: PatternApproach = {
  id: 'corners-white-up',
  title: 'Corners from below, first layer on top',
  short: 'From below',
  stage: 'corners',
  after: 'cross',
  up: 'first',
  summary: 'Turn each corner under its place and bring it up with three turns.',
  cases: [
    {
      id: 'corners-white-up/right',
      title: '{first} on the right',
      seen: { 'DFR.R': 'first', 'DFR.F': 'front' },
      pieces: ['DFR'],
      lineUp: under('right'),
      sequence: "R' D' R",
      look: [ON_A_SIDE],
      why: [...tucksIn('right', 'U'), edgeBack('UR')],
    },
    {
      id: 'corners-white-up/left',
      title: '{first} on the left',
      seen: { 'DFL.L': 'first', 'DFL.F': 'front' },
      pieces: ['DFL'],
      lineUp: under('left'),
      sequence: "L D L'",
      look: [ON_A_SIDE],
      why: [...tucksIn('left', 'U'), edgeBack('UL')],
    },
    {
      id: 'corners-white-up/down',
      title: '{first} underneath: bring it to a side',
      ...turnsOutward('U'),
      sequence: "R' D2 R",
    },
    {
      id: 'corners-white-up/stuck',
      title: 'No corner at the bottom: take one out',
      rank: 3,
      ...stuck(3, 'U'),
      sequence: "R' D' R",
    },
  ],
};
