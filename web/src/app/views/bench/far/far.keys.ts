import { keyScope } from '../../../base/keys/key-scope';

/** Keys while the walk fills the window: every key does something of its own there. */
export const FAR_KEYS = keyScope('Large view', {
  next: { on: [], shown: 'any key', says: 'next turn, and on after a step' },
  back: {
    on: ['ArrowLeft', 'ArrowUp', 'PageUp', 'Backspace'],
    shown: '←, ↑',
    says: 'turn back',
  },
  doubt: { on: ['?', 'Shift+?'], shown: '?', says: 'that is not what I see' },
  close: { on: ['Escape'], shown: 'Esc', says: 'close' },
});
