import { keyScope } from '../../../base/keys/key-scope';

/** Keys on a corner of the outline in a photograph. */
export const OUTLINE_KEYS = keyScope('On a corner of a photograph’s outline', {
  little: {
    on: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'],
    shown: '← ↑ → ↓',
    says: 'move it a little',
  },
  far: {
    on: ['Shift+ArrowLeft', 'Shift+ArrowRight', 'Shift+ArrowUp', 'Shift+ArrowDown'],
    shown: 'Shift ←',
    says: 'move it farther',
  },
});
