import { keyScope } from '../../base/keys/key-scope';

/** Keys at the clock. */
export const TIMING_KEYS = keyScope('Timing', {
  look: {
    on: ['Enter'],
    shown: 'Enter',
    says: 'begin the look; the next scramble once it is stopped',
  },
  hand: {
    on: ['KeyF', 'KeyJ'],
    shown: 'F and J',
    says: 'both hands: hold, let go to start; both down to stop',
  },
  mark: { on: ['Space'], shown: 'Space', says: 'the stage is done' },
  unmark: { on: ['Backspace'], shown: 'Backspace', says: 'undo the last mark' },
  giveUp: { on: ['Escape'], shown: 'Esc', says: 'give up' },
});
