import type { PatternApproach } from './approach.js';
import { DIG_OUT, goesTo } from './seen/middle-edge.js';
import {
  apart,
  at,
  besides,
  has,
  home,
  joined,
  say,
  type Sentence,
  solved,
  stretch,
  unsolved,
} from '../wording/index.js';

const RIGHT = "U R U' R' U' F' U F";
const LEFT = "U' L' U L U F U' F'";

const why = (side: 'right' | 'left'): Sentence[] => {
  const [corner, aside] = side === 'right' ? (['DFR', 'UR'] as const) : (['DFL', 'UL'] as const);
  return [
    say(
      `The first four turns bring the {first} corner at the front ${side} to the top.`,
      has(corner, 'first'),
      at(corner, 'U', 4),
      stretch('first', 1, 4),
    ),
    say(
      'The two are then side by side, and their colours match.',
      besides(apart('piece', corner, 3)),
      joined('piece', corner, 4),
    ),
    say(
      `The fifth turn takes the two to the ${side}. Their colours still match.`,
      at('piece', aside, 5),
      joined('piece', corner, 5),
    ),
    say(
      'The eighth turn solves both.',
      stretch('last', 8, 8),
      home('piece', 8),
      besides(unsolved(corner, 7)),
      solved(corner, 8),
    ),
  ];
};

/** Eight turns in one hold, to the right or to the left. */
export const middleEight: PatternApproach = {
  id: 'middle-eight',
  title: 'Middle edges, eight turns in one hold',
  short: 'Eight turns',
  stage: 'middle',
  after: 'corners',
  up: 'opposite',
  summary: 'Match the edge with a side, see which way it goes, do the eight turns for that side.',
  cases: [
    { id: 'middle-eight/right', ...goesTo('right'), sequence: RIGHT, why: why('right') },
    { id: 'middle-eight/left', ...goesTo('left'), sequence: LEFT, why: why('left') },
    { id: 'middle-eight/stuck', ...DIG_OUT, sequence: RIGHT },
  ],
};
