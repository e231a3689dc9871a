import { words } from '@sleetcrest/core/words';

/** What is said of a request that is written wrongly. */
export const SAY = words({
  cubeNameNeeded: 'give the cube a name',
  cubeNameTooLong: 'a name has at most 80 characters',
  cubeChangeNeeded: 'give a name, a position or a plan to change',
});
