import type { Case, Pattern } from '../approach.js';
import { also } from './also.js';
import {
  at,
  belongs,
  besides,
  count,
  faces,
  home,
  LOOK_AGAIN,
  say,
  type Sentence,
  turned,
  turnsOf,
  unfinishedAt,
  unsolved,
} from '../../wording/index.js';

/** No corner is at home at the front right of the first layer, seen with that layer up or down. */
const unfinished = (layer: 'U' | 'D'): readonly Pattern[] => [
  { [`${layer}FR.${layer}`]: '!first' },
  { [`${layer}FR.${layer}`]: 'first', [`${layer}FR.F`]: '!front' },
];

/** Where the first layer is, and where its corners wait: how both are called. */
const WAIT = {
  D: {
    layer: 'U',
    name: 'top',
    there: 'on top',
    place: 'below',
    goes: 'down',
  },
  U: {
    layer: 'D',
    name: 'bottom',
    there: 'at the bottom',
    place: 'above',
    goes: 'up',
  },
} as const;

/** The three turns that put a waiting corner into its place, and what they do. */
export const tucksIn = (side: 'right' | 'left', first: 'U' | 'D' = 'D'): Sentence[] => {
  const { layer, name, goes } = WAIT[first];
  const corner = side === 'right' ? 'FR' : 'FL';
  const [place, waiting] = [first + corner, layer + corner];
  return [
    say(
      `The ${side} side brings the place for it to the ${name}.`,
      turned(side === 'right' ? 'R' : 'L', 1),
      belongs('piece', place),
      at(place, waiting, 1),
    ),
    say(
      `The ${name} turns the corner in there, and the third turn takes it ${goes}: solved.`,
      turned(layer, 2),
      besides(at('piece', waiting, 2)),
      home('piece', 3),
      at('piece', first, 3),
    ),
  ];
};

/** A corner that shows the first colour on top or underneath is turned so that it shows on a side. */
export const turnsOutward = (first: 'U' | 'D'): Omit<Case, 'id' | 'title' | 'sequence'> => {
  const { layer, name, there, place } = WAIT[first];
  const [over, here] = [`${first}FR`, `${layer}FR`];
  return {
    rank: 2,
    seen: also(unfinished(first), { [`${here}.${layer}`]: 'first' }),
    pieces: [here],
    lineUp: {
      layer,
      turning: [
        say(`No finished corner may be ${place} it.`, unfinishedAt(over)),
        say(
          `Turn the ${name} until it is between {front} and {right}.`,
          at('piece', here, 'lined-up'),
        ),
      ],
      already: [
        say('It is between {front} and {right}.', at('piece', here, 'lined-up')),
        say(`The corner ${place} it is not a finished one.`, unfinishedAt(over)),
      ],
    },
    look: [
      say(
        `No corner ${there} has {first} on a side.`,
        count(
          { kind: 'corner', at: layer, facing: { colour: 'first', sides: 'FRBL' } },
          0,
          'before',
        ),
      ),
      say(
        `This one has {first} ${first === 'D' ? 'on top' : 'underneath'}.`,
        faces('piece', 'first', layer, 'before'),
      ),
    ],
    why: [
      say(
        'The three turns bring {first} to a side.',
        turnsOf(3),
        faces('piece', 'first', 'FRBL', 3),
      ),
      say(
        `They take the corner ${place} it along: it must not be a finished one.`,
        unfinishedAt(over),
        besides(at(over, layer, 3)),
      ),
    ],
  };
};

const TIMES: Record<number, string> = { 3: 'three', 4: 'four' };

/** A corner of the first layer at the front right, in the wrong place or twisted; so many turns take it out. */
export const stuck = (
  turns: 3 | 4,
  first: 'U' | 'D' = 'D',
): Omit<Case, 'id' | 'title' | 'sequence'> => {
  const { layer, name, there } = WAIT[first];
  const here = `${first}FR`;
  return {
    seen: [
      { [`${here}.F`]: 'first' },
      { [`${here}.R`]: 'first' },
      { [`${here}.${first}`]: 'first', [`${here}.F`]: '!front' },
    ],
    pieces: [here],
    look: [
      say(
        `No {first} corner is ${there}.`,
        count({ kind: 'corner', at: layer, with: 'first' }, 0, 'before'),
      ),
      say('This one is in the wrong place, or twisted.', unsolved('piece', 'before')),
    ],
    why: [
      say(
        `The ${TIMES[turns]} turns bring it to the ${name}. Then look again.`,
        turnsOf(turns),
        at('piece', layer, turns),
        LOOK_AGAIN,
      ),
    ],
  };
};
