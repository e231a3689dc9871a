import { keyScope } from '../base/keys/key-scope';

/** Keys of every page; they can be switched off in Settings. */
export const EVERYWHERE = keyScope('Everywhere', {
  map: { on: ['?', 'Shift+?'], shown: '?', says: 'keyboard shortcuts' },
  saved: { on: ['s'], shown: 'S', says: 'saved cubes' },
  night: { on: ['n'], shown: 'N', says: 'day or night' },
  letters: { on: ['l'], shown: 'L', says: 'letters on the stickers' },
  hand: { on: ['h'], shown: 'H', says: 'raise the hand, while you sit at a table' },
});
