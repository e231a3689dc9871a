import { words } from '../../../base/words/say';

export const SAY = words({
  doesNotWaitThere: '{caseId} does not wait there',
});
