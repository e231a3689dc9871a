import { words } from '@sleetcrest/core/words';

/** What is said of a record that is written wrongly. */
export const SAY = words({
  badTime: 'a time is written 83.42 or 1:23.42',
  negativeTime: 'a time is 0 or more seconds',
  longTime: 'a time is less than a day',
  fineTime: 'a time has at most hundredths of a second',
  turnsTooLong: 'turns have at most 20,000 characters',
  tagTooLong: 'a tag has at most 30 characters',
  tagNeeded: 'a tag has at least one character',
  tagWithSemicolon: 'a tag has no semicolon',
  reasonTooLong: 'a reason has at most 200 characters',
  noteTooLong: 'a note has at most 2,000 characters',
  cubeNameTooLong: 'a cube’s name has at most 60 characters',
  tooManyTags: 'a record has at most 20 tags',
  stageOfPractice: 'the practice of a stage names it; a solve names none',
  reasonWhereSetAside: 'what was set aside has a reason; nothing else has',
  stageTwice: 'a stage is timed once',
  tagTwice: 'a tag is given once',
  changeNeeded: 'give something to change',
  tooLong: 'they are too long together; send fewer at once',
});
