import { words } from '@sleetcrest/core/words';

/** What is said of records. */
export const SAY = words({
  idOfAnother: 'Another record is kept under this id; make a new id.',
  notKept: 'No record is kept under this id; it may have been deleted.',
});
