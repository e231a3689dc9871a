import type { Case, Pattern } from '../approach.js';
import { count, say, unsolved } from '../claims.js';

/** No corner is at home at the front right of the first layer, seen with that layer up or down. */
export const unfinished = (layer: 'U' | 'D'): readonly Pattern[] => [
  { [`${layer}FR.${layer}`]: '!first' },
  { [`${layer}FR.${layer}`]: 'first', [`${layer}FR.F`]: '!front' },
];

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
