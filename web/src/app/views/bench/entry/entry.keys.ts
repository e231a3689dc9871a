import { HISTORY, keyScope } from '../../../base/keys/key-scope';

/** Keys while a cube is entered. */
export const ENTRY_KEYS = keyScope('Entering a cube', HISTORY);

/** Keys while one is asked for a cube sticker by sticker. */
export const GUIDED_KEYS = keyScope('Entering a cube, when asked', {
  number: { on: ['([1-6])'], shown: '1 … 6', says: 'white, red, green, yellow, orange, blue' },
  letter: {
    on: ['([wrgyobWRGYOB])', 'Shift+([WRGYOB])'],
    shown: 'W R G Y O B',
    says: 'the same by first letter',
  },
  back: { on: ['Backspace'], shown: 'Backspace', says: 'undo the last one' },
  walk: { on: ['Enter'], shown: 'Enter', says: 'walk it, once all is entered' },
});
