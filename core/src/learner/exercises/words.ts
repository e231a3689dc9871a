import { words } from '../../words/index.js';

/** Why a case cannot be shown. */
export const SAY = words({
  noSuchCase: 'method {method} has no case {caseId}',
  noCubeFound: 'no cube was found on which {caseId} waits',
});
