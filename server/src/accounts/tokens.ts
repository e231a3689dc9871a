import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { parse } from 'cookie';
import type { Request, Response } from 'express';

const COOKIE = 'sleetcrest_session';
const DAYS = 400;
/** How long a session lasts, in milliseconds: as long as browsers keep a cookie at most. */
export const SESSION_LASTS = DAYS * 86_400_000;

/** Half of a token is chance, the other half says that it was given by us. */
const HALF = 16;
const TOKEN = /^[\w-]{43}$/;

/** Behind TLS the name binds the cookie to this very host: no other can plant one. */
const cookieFor = ({ secure }: Pick<Request, 'secure'>): string =>
  secure ? `__Host-${COOKIE}` : COOKIE;

declare module 'express-serve-static-core' {
  interface Request {
    /** The token that came with it, once it was looked for; null where there is none. */
    token?: string | null;
  }
}

/** The session's token that came with a request; undefined where there is none that could be ours. */
export function tokenOf(request: Request): string | undefined {
  request.token ??= tokenIn(request);
  return request.token ?? undefined;
}

function tokenIn(request: Request): string | null {
  const token = parse(request.headers.cookie ?? '')[cookieFor(request)];
  return token !== undefined && TOKEN.test(token) ? token : null;
}

/** Gives the browser a token: out of reach of scripts and of other sites, and by TLS where there is. */
export function giveToken(request: Request, response: Response, token: string): void {
  response.cookie(cookieFor(request), token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: request.secure,
    path: '/',
    maxAge: SESSION_LASTS,
  });
}

const markOf = (chance: Buffer, secret: Buffer): Buffer =>
  createHmac('sha256', secret).update(chance).digest().subarray(0, HALF);

export function newToken(secret: Buffer): string {
  const chance = randomBytes(HALF);
  return Buffer.concat([chance, markOf(chance, secret)]).toString('base64url');
}

/** Whether a token was given by one of our processes, and not made up by whoever sends it. */
export function isGiven(token: string, secret: Buffer): boolean {
  const bytes = Buffer.from(token, 'base64url');
  if (bytes.length !== 2 * HALF) return false;
  return timingSafeEqual(bytes.subarray(HALF), markOf(bytes.subarray(0, HALF), secret));
}

/** What the database keeps of a token: whoever reads it there cannot use it. */
export const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();
