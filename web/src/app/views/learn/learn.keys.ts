import { keyScope } from '../../base/keys/key-scope';

/** Keys of a card that asks. */
export const CHOICE_KEYS = keyScope('Practice', {
  choose: { on: ['([1-9])'], shown: '1 … 9', says: 'answer' },
});

/** Keys after a card was answered. */
export const PRACTICE_KEYS = keyScope('Practice, once answered', {
  next: { on: ['Enter', 'Space'], shown: 'Enter, Space', says: 'the next card' },
});

/** Keys while it is told what one's own cube shows. */
export const OWN_CUBE_KEYS = keyScope('Telling what your cube shows', {
  number: { on: ['([1-6])'], shown: '1 … 6', says: 'white, red, green, yellow, orange, blue' },
  letter: {
    on: ['([wrgyobWRGYOB])', 'Shift+([WRGYOB])'],
    shown: 'W R G Y O B',
    says: 'the same by first letter',
  },
  undo: {
    on: ['0', 'Delete', 'Backspace', '$mod+z'],
    shown: 'Backspace',
    says: 'undo the last one',
  },
});

/** Keys on a pattern. */
export const PATTERN_KEYS = keyScope('A pattern', {
  next: { on: ['ArrowRight'], shown: '→', says: 'turn on' },
  back: { on: ['ArrowLeft'], shown: '←', says: 'turn back' },
  play: { on: ['Space'], shown: 'Space', says: 'play' },
});
