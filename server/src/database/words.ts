import { words } from '@sleetcrest/core/words';

/** What is said to whoever starts the server. */
export const SAY = words({
  newerDatabase:
    'The database was changed by a newer Sleetcrest ({steps}): start that version, or restore a backup made before it.',
});
