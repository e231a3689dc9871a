import { words } from '../words/say';

export const SAY = words({
  itWasStopped: 'It was stopped.',
  aPartOfThisPage: 'A part of this page could not be loaded. Check your connection and try again.',
});
