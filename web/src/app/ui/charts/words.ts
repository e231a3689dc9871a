import { words } from '../../base/words/say';

export const SAY = words({
  arrowKeysGoThroughIt: '{says} Arrow keys go through it.',
  asATable: 'As a table',
  nothingToShowYet: 'Nothing to show yet.',
});
