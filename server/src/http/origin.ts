import type { RequestHandler } from 'express';
import { HttpProblem } from './problem.js';
import { SAY } from './words.js';

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Refuses changing requests that a page of another origin sends. Browsers name the origin with each
 * of them; what is no browser sends none and has no cookie to be misused.
 */
export const sameOrigin: RequestHandler = (request, _, next) => {
  const { origin, host } = request.headers;
  const site = request.headers['sec-fetch-site'];
  const foreign =
    (origin !== undefined && hostOf(origin) !== host) ||
    (origin === undefined && site !== undefined && site !== 'same-origin' && site !== 'none');
  if (foreign && !SAFE.includes(request.method)) {
    throw new HttpProblem(403, SAY.fromElsewhere);
  }
  next();
};

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}
