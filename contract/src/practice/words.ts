import { words } from '@sleetcrest/core/words';

/** What is said of an answer that is written wrongly. */
export const SAY = words({
  itemTooLong: 'an item has at most 200 characters',
  itemNeeded: 'an item has at least one character',
  badTime: 'a time is seconds with hundredths',
  negativeTime: 'a time is 0 or more seconds',
  longTime: 'an answer takes less than an hour',
  answerTooLong: 'an answer has at most 200 characters',
  rightIsNoOther: 'a right answer is not another one',
  oneTurn: 'one turn is read at a time',
});
