import { keyScope } from '../../base/keys/key-scope';

/** Keys that turn a side. */
export const TURN_KEYS = keyScope('Turning by letters', {
  turn: { on: ['([rufdlbRUFDLB])'], shown: 'R U F D L B', says: 'that turn' },
  back: { on: ['Shift+([rufdlbRUFDLB])'], shown: 'Shift R …', says: 'the other way' },
});
