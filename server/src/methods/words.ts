import { words } from '@sleetcrest/core/words';

/** What is said of methods that are kept. */
export const SAY = words({
  notKept: 'No method is kept under this id; it may have been deleted.',
  changedElsewhere: '{title} (changed elsewhere too)',
  otherThanAddress: 'it must be {id}, as in the address',
  builtIn: '{id} is a built-in method; give this one another id',
});
