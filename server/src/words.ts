import { words } from '@sleetcrest/core/words';

/** What is said to whoever starts the server. */
export const SAY = words({
  notJson: 'it is no JSON',
  environmentNotRight: 'the environment is not right: {errors}',
});
