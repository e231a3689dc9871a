import type { Ending } from '@sleetcrest/contract/table';
import { SAY } from './words';

/** Why somebody follows a session no more, in words. */
export const ENDING_WORDS: Readonly<Record<Ending, string>> = {
  ended: SAY.theSessionIsOver,
  archived: SAY.theSessionIsOverIts,
  dissolved: SAY.theSessionIsOverItsGroup,
  'taken off': SAY.youAreNoLongerAt,
  'signed out': SAY.youAreSignedOutSign,
  'no right': SAY.youNoLongerHelpWith,
};
