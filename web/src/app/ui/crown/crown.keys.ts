import { keyScope } from '../../base/keys/key-scope';

/** Keys on the picture of a cube that is painted. */
export const CROWN_KEYS = keyScope('Entering a cube, on the picture', {
  go: {
    on: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    shown: '← ↑ → ↓',
    says: 'go from sticker to sticker',
  },
  number: {
    on: ['([1-6])'],
    shown: '1 … 6',
    says: 'paint white, red, green, yellow, orange, blue, and go on',
  },
  letter: {
    on: ['([wrgyobWRGYOB])', 'Shift+([WRGYOB])'],
    shown: 'W R G Y O B',
    says: 'the same by first letter',
  },
  rub: { on: ['0', 'Delete', 'Backspace'], shown: '0, Delete', says: 'rub out' },
  paint: { on: ['Enter', 'Space'], shown: 'Enter, Space', says: 'paint with the chosen colour' },
});
