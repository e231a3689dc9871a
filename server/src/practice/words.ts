import { words } from '@sleetcrest/core/words';

/** What is said of what is practised. */
export const SAY = words({
  takesTooLong: 'It takes too long to work with all answers; try again later.',
});
