import { words } from '../../base/words/say';

export const SAY = words({
  theBrowserCouldNotMake: 'The browser could not make the picture.',
});
