import { words } from '../../base/words/say';

export const SAY = words({
  aCaseThatIsNot: 'a case that is not there any more',
});
