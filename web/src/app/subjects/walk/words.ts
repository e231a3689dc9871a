import { words } from '../../base/words/say';

export const SAY = words({
  thisCubeWasDeletedFrom: 'This cube was deleted from the saved ones.',
});
