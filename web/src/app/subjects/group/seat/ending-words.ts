import type { Ending } from '@sleetcrest/contract/table';

/** Why somebody follows a session no more, in words. */
export const ENDING_WORDS: Readonly<Record<Ending, string>> = {
  ended: 'The session is over.',
  archived: 'The session is over: its group was archived.',
  dissolved: 'The session is over: its group was deleted.',
  'taken off': 'You are no longer at this table.',
  'signed out': 'You are signed out; sign in to sit down again.',
  'no right': 'You no longer help with this group.',
};
