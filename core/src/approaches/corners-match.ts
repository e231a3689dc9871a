import type { Case, LiningUp, PatternApproach } from './approach.js';
import { also } from './seen/also.js';
import { STUCK_BELOW, unfinished } from './seen/first-corner.js';

const diagonal = (side: string): LiningUp => ({
  layer: 'U',
  turning: `Turn the top until its {front} sticker is diagonally next to the {front} centre, with the corner at the top front ${side}.`,
  already: `Its {front} sticker is diagonally next to the {front} centre already, with the corner at the top front ${side}.`,
});

const TUCK_RIGHT = "R U R'";

/** The two cases in which three turns put a corner in; `middle-refit` puts corners back by them. */
export const TUCK_IN: Record<'right' | 'left', Omit<Case, 'id'>> = {
  right: {
    title: 'First colour on the right: tuck in on the right',
    seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
    pieces: ['UFR'],
    lineUp: diagonal('right'),
    sequence: TUCK_RIGHT,
    look: 'The {piece} corner is at the {at}, with {first} on a side.',
    why: '{first} faces right. The right side comes up to fetch the corner, the top brings it over, and the side takes it down.',
  },
  left: {
    title: 'First colour on the left: tuck in on the left',
    seen: { 'UFL.L': 'first', 'UFL.F': 'front' },
    pieces: ['UFL'],
    lineUp: diagonal('left'),
    sequence: "L' U' L",
    look: 'The {piece} corner is at the {at}, with {first} on a side.',
    why: '{first} faces left. The left side comes up to fetch the corner, the top brings it over, and the side takes it down.',
  },
};

/** Matches the colour beside the first colour with its centre, then three turns. */
export const cornersMatch: PatternApproach = {
  id: 'corners-match',
  title: 'Corners by matching a side',
  stage: 'corners',
  after: 'cross',
  up: 'opposite',
  summary:
    'Match the sticker beside {first} with its centre, then tuck the corner in with three turns.',
  cases: [
    { id: 'corners-match/right', ...TUCK_IN.right },
    { id: 'corners-match/left', ...TUCK_IN.left },
    {
      id: 'corners-match/up',
      title: 'First colour up: bring it to a side',
      rank: 2,
      seen: also(unfinished('D'), { 'UFR.U': 'first' }),
      pieces: ['UFR'],
      lineUp: {
        layer: 'U',
        turning: 'Turn the top until the corner stands above an unfinished place.',
        already: 'It stands above an unfinished place.',
      },
      sequence: "R U2 R'",
      look: 'No corner on top shows {first} on a side. The {piece} corner is at the {at}, with {first} up.',
      why: 'These turns bring {first} to a side. They stir the place below, so that must be one that is not finished yet, or you would lose a finished corner.',
    },
    {
      id: 'corners-match/stuck',
      title: 'Stuck below: take it out',
      rank: 3,
      ...STUCK_BELOW,
      sequence: TUCK_RIGHT,
      why: 'The same three turns take it out to the top, where it can be matched like the others.',
    },
  ],
};
