import type { Request } from 'express';

/** A header by which a page says, or a part of the address where it can set none, that it passes over what it does not know in an answer. */
export const READS_HEADER = 'x-sleetcrest-reads';

/**
 * Whether whoever asks passes over what they do not know. Pages of the version before refuse an answer that
 * has more in it than they knew of, and may be open while a server is exchanged: what came since is left out
 * for them. Once no page of that version can be open any more, this goes.
 */
export const readsLoosely = (request: Request): boolean =>
  (request.get(READS_HEADER) ?? request.query[READS_HEADER]) === 'loosely';
