import type { LiningUp, PatternApproach } from './approach.js';
import { stuck, tucksIn } from './seen/first-corner.js';
import { at, belongs, colour, faces, home, say, stretch, turned } from '../wording/index.js';

const above = (letter: 'R' | 'F' | 'U', where: string): LiningUp => {
  const place = [at('piece', 'UFR', 'lined-up'), belongs('piece', 'DFR')];
  const facing = colour(`UFR.${letter}`, 'first');
  return {
    layer: 'U',
    turning: [
      say('Turn the top until it is above its place, between {front} and {right}.', ...place),
      say(`Then {first} is ${where}.`, facing),
    ],
    already: [
      say('It is above its place, between {front} and {right}.', ...place),
      say(`{first} is ${where}.`, facing),
    ],
  };
};

/** Above its place at the front right, one of three short sequences puts a corner in. */
export const cornersThree: PatternApproach = {
  id: 'corners-three',
  title: 'Corners by three sequences',
  short: 'Three sequences',
  stage: 'corners',
  after: 'cross',
  up: 'opposite',
  summary:
    'Hold the corner above its place at the front right; where {first} faces tells which turns.',
  cases: [
    {
      id: 'corners-three/right',
      title: '{first} on the right',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: above('R', 'on the right'),
      sequence: "R U R'",
      look: [],
      why: tucksIn('right'),
    },
    {
      id: 'corners-three/front',
      title: '{first} in front',
      seen: { 'UFR.F': 'first', 'UFR.R': 'right' },
      pieces: ['UFR'],
      lineUp: above('F', 'in front'),
      sequence: "U R U' R'",
      look: [],
      why: [
        say('The corner steps to the left.', at('piece', 'UFL', 1)),
        say(
          'The right side brings the place for it to the top.',
          turned('R', 2),
          belongs('piece', 'DFR'),
          at('DFR', 'UFR', 2),
        ),
        say(
          'The top turns the corner to the right, and the fourth turn takes it down: solved.',
          at('piece', 'UFR', 3),
          home('piece', 4),
          at('piece', 'D', 4),
          turned('U', 3),
        ),
      ],
    },
    {
      id: 'corners-three/up',
      title: '{first} on top',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: above('U', 'on top'),
      sequence: "R U2 R' U' R U R'",
      look: [],
      why: [
        say(
          'The first three turns bring {first} to a side.',
          faces('piece', 'first', 'FRBL', 3),
          stretch('first', 1, 3),
        ),
        say(
          'The fourth turn brings the corner above its place again.',
          at('piece', 'UFR', 4),
          belongs('piece', 'DFR'),
        ),
        say(
          'The last three turns take it down: solved.',
          stretch('last', 5, 7),
          home('piece', 7),
          at('piece', 'D', 7),
        ),
      ],
    },
    {
      id: 'corners-three/stuck',
      title: 'No corner on top: take one out',
      rank: 2,
      ...stuck(3),
      sequence: "R U R'",
    },
  ],
};
