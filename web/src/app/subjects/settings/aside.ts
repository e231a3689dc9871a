import type { Reader } from '@sleetcrest/contract';
import { DEFAULT_READER } from './reader';

/** A guest's own settings, put aside while somebody is signed in and reads by theirs. */
export interface Aside {
  /** The id of the account that is signed in. */
  whose: string;
  guests: Reader;
}

/** What is read by from now on, and what is put aside. */
export interface Seat {
  reader: Reader;
  aside: Aside | null;
}

/**
 * Who reads here may change on a browser that several share. Whoever signs in begins with the
 * guest's settings, over which those of the account come; whoever signs out leaves the guest's
 * behind, never their own.
 * @param whose the account now, null for a guest
 */
export function seatFor(whose: string | null, { reader, aside }: Seat): Seat {
  if (whose === (aside?.whose ?? null)) return { reader, aside };
  const guests = aside?.guests ?? reader;
  return { reader: guests, aside: whose === null ? null : { whose, guests } };
}

/** Where nobody was here before. */
export const FIRST_SEAT: Seat = { reader: DEFAULT_READER, aside: null };
