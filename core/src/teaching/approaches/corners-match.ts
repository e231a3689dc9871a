import type { Case, LiningUp, PatternApproach } from './approach.js';
import { at, colour, faces, say } from '../wording/index.js';
import { stuck, tucksIn, turnsOutward } from './seen/first-corner.js';

const matched = (side: 'right' | 'left'): LiningUp => {
  const [place, letter] = side === 'right' ? ['UFR', 'R'] : ['UFL', 'L'];
  const matching = [at('piece', place, 'lined-up'), colour(`${place}.F`, 'front')];
  return {
    layer: 'U',
    turning: [
      say(
        `Turn the top until its {front} sticker is on the {front} side, at the front ${side}.`,
        ...matching,
      ),
      say(`Then {first} faces ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
    already: [
      say(`Its {front} sticker is on the {front} side, at the front ${side}.`, ...matching),
      say(`{first} faces ${side}.`, colour(`${place}.${letter}`, 'first')),
    ],
  };
};

const TUCK_RIGHT = "R U R'";
const ON_A_SIDE = say(
  'Its {first} sticker is on a side, not on top.',
  faces('piece', 'first', 'FRBL', 'before'),
);

/** The two cases in which three turns put a corner in; `middle-refit` puts corners back by them. */
export const TUCK_IN: Record<'right' | 'left', Omit<Case, 'id'>> = {
  right: {
    title: 'First colour on the right: tuck in on the right',
    seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
    pieces: ['UFR'],
    lineUp: matched('right'),
    sequence: TUCK_RIGHT,
    look: [ON_A_SIDE],
    why: tucksIn('right'),
  },
  left: {
    title: 'First colour on the left: tuck in on the left',
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
      title: 'First colour up: bring it to a side',
      ...turnsOutward('D'),
      sequence: "R U2 R'",
    },
    {
      id: 'corners-match/stuck',
      title: 'Stuck below: take it out',
      rank: 3,
      ...stuck(3),
      sequence: TUCK_RIGHT,
    },
  ],
};
