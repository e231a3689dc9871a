import { HISTORY, keyScope } from '../../base/keys/key-scope';

/** Keys at the desk. */
export const WORKSHOP_KEYS = keyScope('In the Workshop', HISTORY);
