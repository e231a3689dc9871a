import { createHash, randomBytes } from 'node:crypto';
import { parse } from 'cookie';
import type { Request, Response } from 'express';

const COOKIE = 'sleetcrest_session';
const DAYS = 400;
/** How long a session lasts, in milliseconds: as long as browsers keep a cookie at most. */
export const SESSION_LASTS = DAYS * 86_400_000;

const TOKEN = /^[\w-]{43}$/;

/** The session's token that came with a request; undefined where there is none that could be ours. */
export function tokenOf(request: Request): string | undefined {
  const token = parse(request.headers.cookie ?? '')[COOKIE];
  return token !== undefined && TOKEN.test(token) ? token : undefined;
}

/** Gives the browser a token: out of reach of scripts and of other sites, and by TLS where there is. */
export function giveToken(request: Request, response: Response, token: string): void {
  response.cookie(COOKIE, token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: request.secure,
    path: '/',
    maxAge: SESSION_LASTS,
  });
}

export const newToken = (): string => randomBytes(32).toString('base64url');

/** What the database keeps of a token: whoever reads it there cannot use it. */
export const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();
