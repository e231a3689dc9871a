import { words } from '../../../base/words/say';

export const SAY = words({
  hands: 'Hands',
  wordsForIt: 'Words for it',
  effort: 'effort {cost}{regrips, plural, =0 {} one {, # regrip} other {, # regrips}}',
});
