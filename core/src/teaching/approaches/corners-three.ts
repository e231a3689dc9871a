import type { LiningUp, PatternApproach } from './approach.js';
import { at, belongs, colour, faces, home, say, turnsOf } from '../wording/index.js';
import { stuck, tucksIn } from './seen/first-corner.js';

const above = (letter: 'R' | 'F' | 'U', where: string): LiningUp => {
  const place = [at('piece', 'UFR', 'lined-up'), belongs('piece', 'DFR')];
  const facing = colour(`UFR.${letter}`, 'first');
  return {
    layer: 'U',
    turning: [
      say('Turn the top until it is above its place, between {front} and {right}.', ...place),
      say(`Then {first} faces ${where}.`, facing),
    ],
    already: [
      say('It is above its place, between {front} and {right}.', ...place),
      say(`{first} faces ${where}.`, facing),
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
      title: 'First colour to the right',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: above('R', 'right'),
      sequence: "R U R'",
      look: [],
      why: tucksIn('right'),
    },
    {
      id: 'corners-three/front',
      title: 'First colour to the front',
      seen: { 'UFR.F': 'first', 'UFR.R': 'right' },
      pieces: ['UFR'],
      lineUp: above('F', 'you'),
      sequence: "U R U' R'",
      look: [],
      why: [
        say(
          'The corner waits at the left while the right side brings its place up.',
          at('piece', 'UFL', 1),
          at('DFR', 'UFR', 2),
        ),
        say(
          'The top turns it back into the place, and the side takes it down: solved.',
          at('piece', 'UFR', 3),
          home('piece', 4),
          at('piece', 'D', 4),
        ),
      ],
    },
    {
      id: 'corners-three/up',
      title: 'First colour up',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: above('U', 'up'),
      sequence: "R U2 R' U' R U R'",
      look: [],
      why: [
        say('The first three turns bring {first} to a side.', faces('piece', 'first', 'FRBL', 3)),
        say('One turn brings the corner back above its place.', at('piece', 'UFR', 4)),
        say('The last three put it in: solved.', turnsOf(7), home('piece', 7), at('piece', 'D', 7)),
      ],
    },
    {
      id: 'corners-three/stuck',
      title: 'Stuck below: take it out',
      rank: 2,
      ...stuck(3),
      sequence: "R U R'",
    },
  ],
};
