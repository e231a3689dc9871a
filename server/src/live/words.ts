import { words } from '@sleetcrest/core/words';

/** What is said to those at a table. */
export const SAY = words({
  sayYourName: 'say what you want to be called',
  overOrNotSeated: 'This session is over, or you do not sit at it.',
  idOfAnother: 'Another session has this id; make a new id.',
  noSuchCode: 'No session has this code now; look at the board again.',
  notMeeting: 'This group is not meeting just now.',
  tableFull: 'There are {most, number} at this table, as many as there is room for.',
  calledSoToo: 'somebody here is called {nickname}; add something to it',
  over: 'This session is over.',
  nobodyCalledSo: 'Nobody called so sits at this table.',
  tooManySigns: 'Your page says where you are too often; it waits a moment.',
  tooManyPages: 'You follow this on too many pages; close some of them.',
  tooManyFollow: 'As many pages follow sessions here as can; try again shortly.',
});
