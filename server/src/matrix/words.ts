import { words } from '@sleetcrest/core/words';

/** What is said of how a group stands. */
export const SAY = words({
  takesTooLong: 'It takes too long to work out how all stand; try again later.',
});
