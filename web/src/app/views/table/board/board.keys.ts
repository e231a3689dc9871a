import { keyScope } from '../../../base/keys/key-scope';

/** Keys on the board. */
export const BOARD_KEYS = keyScope('On the board', {
  away: { on: ['Escape'], shown: 'Esc', says: 'close what is shown of somebody' },
});
