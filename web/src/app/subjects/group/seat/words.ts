import { words } from '../../../base/words/say';

export const SAY = words({
  theSessionIsOver: 'The session is over.',
  theSessionIsOverIts: 'The session is over: its group was archived.',
  theSessionIsOverItsGroup: 'The session is over: its group was deleted.',
  youAreNoLongerAt: 'You are no longer at this table.',
  youAreSignedOutSign: 'You are signed out; sign in to sit down again.',
  youNoLongerHelpWith: 'You no longer help with this group.',
  aCubeFromTheTable: 'A cube from the table',
});
