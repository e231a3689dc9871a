import { words } from '../words/say';

export const SAY = words({
  undo: 'Undo',
});
