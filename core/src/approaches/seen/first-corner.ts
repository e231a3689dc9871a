import type { Case, Pattern } from '../approach.js';
import { at, belongs, count, home, say, unsolved, type Sentence } from '../claims.js';

/** No corner is at home at the front right of the first layer, seen with that layer up or down. */
export const unfinished = (layer: 'U' | 'D'): readonly Pattern[] => [
  { [`${layer}FR.${layer}`]: '!first' },
  { [`${layer}FR.${layer}`]: 'first', [`${layer}FR.F`]: '!front' },
];

/** The three turns that put a corner on top into its place, and what they do. */
export const tucksIn = (side: 'right' | 'left'): Sentence[] => {
  const [above, place] = side === 'right' ? ['UFR', 'DFR'] : ['UFL', 'DFL'];
  return [
    say(`The ${side} side brings its place up.`, belongs('piece', place), at(place, above, 1)),
    say(
      'The top turns the corner into it, and the side takes it down: solved.',
      at('piece', above, 2),
      home('piece', 3),
      at('piece', 'D', 3),
    ),
  ];
};

/** What a corner of the first layer that is stuck in it looks like. */
export const STUCK_LOOK = say(
  'This one is in the wrong place, or in its place but twisted.',
  unsolved('piece', 'before'),
);

/** A corner of the first layer at the bottom front right, in the wrong place or twisted. */
export const STUCK_BELOW: Pick<Case, 'seen' | 'pieces' | 'look'> = {
  seen: [{ 'DFR.F': 'first' }, { 'DFR.R': 'first' }, { 'DFR.D': 'first', 'DFR.F': '!front' }],
  pieces: ['DFR'],
  look: [
    say(
      'No {first} corner is left on top.',
      count({ kind: 'corner', at: 'U', with: 'first' }, 0, 'before'),
    ),
    STUCK_LOOK,
  ],
};
