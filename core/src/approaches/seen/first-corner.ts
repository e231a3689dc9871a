import type { Case, Pattern } from '../approach.js';

/** No corner is at home at the front right of the first layer, seen with that layer up or down. */
export const unfinished = (layer: 'U' | 'D'): readonly Pattern[] => [
  { [`${layer}FR.${layer}`]: '!first' },
  { [`${layer}FR.${layer}`]: 'first', [`${layer}FR.F`]: '!front' },
];

/** A corner of the first layer at the bottom front right, in the wrong place or twisted. */
export const STUCK_BELOW: Pick<Case, 'seen' | 'pieces' | 'look'> = {
  seen: [{ 'DFR.F': 'first' }, { 'DFR.R': 'first' }, { 'DFR.D': 'first', 'DFR.F': '!front' }],
  pieces: ['DFR'],
  look: 'No {first} corner is left on top. The {piece} corner is stuck at the bottom front right: in the wrong place or twisted.',
};
