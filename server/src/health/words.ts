import { words } from '@sleetcrest/core/words';

/** Why the server is not ready. */
export const SAY = words({
  standby: 'The database is a standby: another takes the changes.',
  otherVersion: 'The database is of another version than this server.',
});
