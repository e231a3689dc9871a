import type { LiningUp, PatternApproach } from './approach.js';
import {
  at,
  belongs,
  type Claim,
  colour,
  inItsPlace,
  say,
  type Sentence,
  solved,
  takesBack,
  turnsOf,
  unsolved,
} from '../wording/index.js';
import { stuck, tucksIn } from './seen/first-corner.js';

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
      say(`Then {first} faces ${faces}.`, claim),
      ...then,
    ],
    already: [
      say(`It is above its place, between {front} and {${other}}.`, ...above),
      say(`{first} faces ${faces}.`, claim),
      ...then,
    ],
  };
};

const STOP = say(
  'Do the four turns three times. Stop as soon as it is solved.',
  turnsOf(4, 3),
  unsolved('piece', 4),
  unsolved('piece', 8),
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
      title: 'First colour to the right: once',
      seen: { 'UFR.R': 'first', 'UFR.F': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('UFR', 'DFR', 'right', 'right', colour('UFR.R', 'first')),
      sequence: "R U R' U'",
      look: [],
      why: [...tucksIn('right'), say('The last turn takes the top back.', takesBack(4, 2))],
    },
    {
      id: 'corners-repeat/left',
      title: 'First colour to the left: once, with the left hand',
      seen: { 'UFL.L': 'first', 'UFL.F': 'front' },
      pieces: ['UFL'],
      lineUp: abovePlace('UFL', 'DFL', 'left', 'left', colour('UFL.L', 'first')),
      sequence: "L' U' L U",
      look: [],
      why: [...tucksIn('left'), say('The last turn takes the top back.', takesBack(4, 2))],
    },
    {
      id: 'corners-repeat/up',
      title: 'First colour up: three times',
      seen: { 'UFR.U': 'first', 'UFR.R': 'front' },
      pieces: ['UFR'],
      lineUp: abovePlace('UFR', 'DFR', 'right', 'up', colour('UFR.U', 'first'), STOP),
      sequence: "R U R' U'",
      times: 3,
      look: [],
      why: [
        say(
          'The first four turns put the corner in its place, but twisted.',
          inItsPlace('piece', 4),
          unsolved('piece', 4),
        ),
        say('The next four bring it up again.', at('piece', 'U', 8)),
        say(
          'The last four put it in with {first} underneath.',
          colour('DFR.D', 'first', 12),
          solved('piece', 12),
        ),
      ],
    },
    {
      id: 'corners-repeat/stuck',
      ...stuck(4),
      title: 'Stuck below: bring it up',
      rank: 2,
      sequence: "R U R' U'",
    },
  ],
};
