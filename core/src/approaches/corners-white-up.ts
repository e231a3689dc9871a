import type { LiningUp, PatternApproach } from './approach.js';
import { also } from './seen/also.js';
import { unfinished } from './seen/first-corner.js';

const under = (side: string): LiningUp => ({
  layer: 'D',
  turning: `Turn the bottom until it is right under its place, at the bottom front ${side}.`,
  already: `It is right under its place, at the bottom front ${side}.`,
});

/** The first layer stays on top, where the work is seen; corners come up from below. */
export const cornersWhiteUp: PatternApproach = {
  id: 'corners-white-up',
  title: 'Corners from below, first colour up',
  stage: 'corners',
  after: 'cross',
  up: 'first',
  summary: 'Turn each corner under its place and bring it up with three turns.',
  cases: [
    {
      id: 'corners-white-up/right',
      title: 'First colour looks out to the right',
      seen: { 'DFR.R': 'first', 'DFR.F': 'front' },
      pieces: ['DFR'],
      lineUp: under('right'),
      sequence: "R' D' R",
      look: 'The {piece} corner is at the {at} and {first} looks out to one side: hold the cube so that this is the right side.',
      why: 'The right side comes down to fetch the corner, the bottom brings it in, and the side goes back up. The cross edge taken along comes back with it.',
    },
    {
      id: 'corners-white-up/left',
      title: 'First colour looks out to the left',
      seen: { 'DFL.L': 'first', 'DFL.F': 'front' },
      pieces: ['DFL'],
      lineUp: under('left'),
      sequence: "L D L'",
      look: 'The {piece} corner is at the {at} and {first} looks out to one side: hold the cube so that this is the left side.',
      why: 'The left side comes down to fetch the corner, the bottom brings it in, and the side goes back up. The cross edge taken along comes back with it.',
    },
    {
      id: 'corners-white-up/down',
      title: 'First colour facing down: turn it outward',
      rank: 2,
      seen: also(unfinished('U'), { 'DFR.D': 'first' }),
      pieces: ['DFR'],
      lineUp: {
        layer: 'D',
        turning: 'Turn the bottom until the corner stands under an unfinished place.',
        already: 'It stands under an unfinished place.',
      },
      sequence: "R' D2 R",
      look: 'No corner at the bottom looks out with {first}. The {piece} corner is at the {at}, with {first} facing down.',
      why: 'These turns bring {first} to a side. They stir the place above, so that must be one that is not finished yet.',
    },
    {
      id: 'corners-white-up/stuck',
      title: 'On top but wrong: take it out',
      rank: 3,
      seen: [{ 'UFR.F': 'first' }, { 'UFR.R': 'first' }, { 'UFR.U': 'first', 'UFR.F': '!front' }],
      pieces: ['UFR'],
      sequence: "R' D' R",
      look: 'No {first} corner is left at the bottom. The {piece} corner is at the top front right, but in the wrong place or twisted.',
      why: 'The same three turns take it out to the bottom, where it can be lined up like the others.',
    },
  ],
};
