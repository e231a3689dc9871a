import type { LiningUp, PatternApproach } from './approach.js';
import { stuck, tucksIn } from './seen/first-corner.js';
import {
  at,
  belongs,
  besides,
  type Claim,
  colour,
  inItsPlace,
  say,
  type Sentence,
  solved,
  stretch,
  takesBack,
  turned,
  turnsOf,
  unsolved,
} from '../wording/index.js';

/** The corner comes above its place, and its first colour then faces somewhere. */
const abovePlace = (
  place: string,
  below: string,
  other: string,
  faces: string,
  claim: Claim,
  ...then: Sentence[]
): LiningUp => {
  const above = [belongs('piece', below), at('piece', place, 'lined-up')];
  return {
    layer: 'U',
    turning: [
      say(`Turn the top until it is above its place, between {front} and {${other}}.`, ...above),
      say(`Then {first} is ${faces}.`, claim),
      ...then,
    ],
    already: [
      say(`It is above its place, between {front} and {${other}}.`, ...above),
      say(`{first} is ${faces}.`, claim),
      ...then,
    ],
  };
};

const STOP = say(
  'Do the four turns three times: then it is solved.',
  turnsOf(4, 3),
  besides(unsolved('piece', 4), unsolved('piece', 8)),
  solved('piece', 12),
);

/** One four-turn sequence, repeated until the corner is in; the other hand saves five rounds. */
export const cornersRepeat: PatternApproach = {
  id: 'corners-repeat',
  title: 'Corners by repeating four turns',
  short: 'Four turns again',
  stage: 'corners',
  after: 'cross',
  up: 'opposite',
  summary: 'Hold the corner above its place and repeat four turns until it is in.',
  cases: [
    {
      id: 'corners-repeat/right',
      title: '{first} on the right: the four turns once',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('UFR', 'DFR', 'right', 'on the right', colour('UFR.R', 'first')),
      sequence: "R U R' U'",
      look: [],
      why: [
        ...tucksIn('right'),
        say('The fourth turn takes the top back.', takesBack(4, 2), turned('U', 4)),
      ],
    },
    {
      id: 'corners-repeat/left',
      title: '{first} on the left: the four turns once, with the left hand',
      seen: { 'UFL.L': 'first', 'UFL.F': 'front' },
      pieces: ['UFL'],
      lineUp: abovePlace('UFL', 'DFL', 'left', 'on the left', colour('UFL.L', 'first')),
      sequence: "L' U' L U",
      look: [],
      why: [
        ...tucksIn('left'),
        say('The fourth turn takes the top back.', takesBack(4, 2), turned('U', 4)),
      ],
    },
    {
      id: 'corners-repeat/up',
      title: '{first} on top: the four turns three times',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('UFR', 'DFR', 'right', 'on top', colour('UFR.U', 'first'), STOP),
      sequence: "R U R' U'",
      times: 3,
      look: [],
      why: [
        say(
          'The first four turns put the corner in its place, but twisted.',
          inItsPlace('piece', 4),
          unsolved('piece', 4),
          stretch('first', 1, 4),
        ),
        say(
          'The next four turns bring it to the top again.',
          at('piece', 'U', 8),
          stretch('next', 5, 8),
        ),
        say(
          'The last four turns solve it, with {first} underneath.',
          colour('DFR.D', 'first', 12),
          solved('piece', 12),
          stretch('last', 9, 12),
        ),
      ],
    },
    {
      id: 'corners-repeat/stuck',
      ...stuck(4),
      title: 'No corner on top: bring one up',
      rank: 2,
      sequence: "R U R' U'",
    },
  ],
};
