import { words } from '../../../base/words/say';

export const SAY = words({
  handItIn: 'Hand it in',
});
