import type { PatternApproach } from './approach.js';
import {
  apart,
  at,
  has,
  home,
  joined,
  say,
  type Sentence,
  solved,
  unsolved,
} from '../wording/index.js';
import { DIG_OUT, goesTo } from './seen/middle-edge.js';

const RIGHT = "U R U' R' U' F' U F";
const LEFT = "U' L' U L U F U' F'";

const why = (side: 'right' | 'left'): Sentence[] => {
  const [corner, aside] = side === 'right' ? (['DFR', 'UR'] as const) : (['DFL', 'UL'] as const);
  return [
    say(
      'The first four turns bring up the {first} corner below its place.',
      has(corner, 'first'),
      at(corner, 'U', 4),
    ),
    say(
      'The two then stand together, and their colours match.',
      apart('piece', corner, 3),
      joined('piece', corner, 4),
    ),
    say(
      `The pair steps to the ${side} while the front opens its place.`,
      at('piece', aside, 5),
      joined('piece', corner, 5),
    ),
    say(
      'Then it steps back and goes down: both are solved.',
      home('piece', 8),
      unsolved(corner, 7),
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
