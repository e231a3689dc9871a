import { words } from '../../words/index.js';

export const SAY = words({
  myWay: '{title}, my way',
  anApproachOfMyOwn: 'An approach of my own.',
  myOwnApproach: 'My own approach',
  newCase: 'New case',
  lookAtIt: 'Look at it.',
  sayWhy: 'Say why.',
});
