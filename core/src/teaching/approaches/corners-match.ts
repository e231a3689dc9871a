import type { Case, LiningUp, PatternApproach } from './approach.js';
import { stuck, tucksIn, turnsOutward } from './seen/first-corner.js';
import { at, colour, faces, say } from '../wording/index.js';

const matched = (side: 'right' | 'left'): LiningUp => {
  const [place, letter] = side === 'right' ? ['UFR', 'R'] : ['UFL', 'L'];
  const matching = [at('piece', place, 'lined-up'), colour(`${place}.F`, 'front')];
  return {
    layer: 'U',
    turning: [
      say(
        `Turn the top until it is at the front ${side}, with its {front} sticker on the {front} side.`,
        ...matching,
      ),
      say(`Then {first} is on the ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
    already: [
      say(`It is at the front ${side}, with its {front} sticker on the {front} side.`, ...matching),
      say(`{first} is on the ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
  };
};

const TUCK_RIGHT = "R U R'";
const ON_A_SIDE = say(
  'Its {first} sticker is on a side.',
  faces('piece', 'first', 'FRBL', 'before'),
);

/** The two cases in which three turns put a corner in; `middle-refit` puts corners back by them. */
export const TUCK_IN: Record<'right' | 'left', Omit<Case, 'id'>> = {
  right: {
    title: '{first} on the right: tuck in on the right',
    seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
    pieces: ['UFR'],
    lineUp: matched('right'),
    sequence: TUCK_RIGHT,
    look: [ON_A_SIDE],
    why: tucksIn('right'),
  },
  left: {
    title: '{first} on the left: tuck in on the left',
    seen: { 'UFL.L': 'first', 'UFL.F': 'front' },
    pieces: ['UFL'],
    lineUp: matched('left'),
    sequence: "L' U' L",
    look: [ON_A_SIDE],
    why: tucksIn('left'),
  },
};

/** Matches the colour beside the first colour with its centre, then three turns. */
export const cornersMatch: PatternApproach = {
  id: 'corners-match',
  title: 'Corners by matching a side',
  short: 'By one side',
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
      title: '{first} on top: bring it to a side',
      ...turnsOutward('D'),
      sequence: "R U2 R'",
    },
    {
      id: 'corners-match/stuck',
      title: 'No corner on top: take one out',
      rank: 3,
      ...stuck(3),
      sequence: TUCK_RIGHT,
    },
  ],
};
