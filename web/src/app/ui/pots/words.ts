import { words } from '../../base/words/say';

export const SAY = words({
  colourToPaintWith: 'Colour to paint with',
});
