import { words } from '../../base/words/say';

export const SAY = words({
  line: 'line {line}',
  record: 'record {count}',
  thisIsNoLogDocument: 'This is no Log document: its “format” must be “sleetcrest/log@1”.',
  theFileIsNoJson: 'The file is no JSON, or is cut off, after record {count}.',
  theFileIsEmpty: 'The file is empty.',
  theFirstLineMustName: 'The first line must name the columns, separated by commas.',
  noRecordIsKeptUnder: 'No record is kept under this id; it may have been deleted.',
  cube: 'Cube',
  note: 'Note',
});
