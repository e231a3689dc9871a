import { HISTORY, keyScope } from '../../../base/keys/key-scope';

/** Keys while it is told what is seen instead. */
export const SLIP_KEYS = keyScope('Telling what slipped', { undo: HISTORY.undo });
