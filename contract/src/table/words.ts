import { words } from '@sleetcrest/core/words';

/** What is said of work at the table that is written wrongly. */
export const SAY = words({
  noteTooLong: 'a note has at most 500 characters',
  nameNeeded: 'say what you want to be called',
  nameTooLong: 'a name has at most 40 characters',
  badCode: 'the code on the board has six letters and digits',
  turnsNeeded: 'write the turns that mix the cube',
  casesOfBlock: 'two cases are told apart, one is shown or made sure, and solves are of none',
  badTime: 'a time is written 17:30',
  planNoteTooLong: 'a note has at most 2,000 characters',
  lastBeforeFirst: 'the last day is before the first',
  noCalendar: 'this is no address of a calendar',
  workNoteTooLong: 'write at most 2,000 characters',
  workNoteNeeded: 'write something',
});
