import { isIP } from 'node:net';
import type { RequestHandler } from 'express';
import { LRUCache } from 'lru-cache';
import { HttpProblem } from './problem.js';
import { SAY } from './words.js';

/** Headers looked at before: nearly all requests name the same host. */
const MOST_REMEMBERED = 100;

/** The host a request names, without port and brackets; undefined where it names none. */
function hostNamed(header: string): string | undefined {
  const url = `http://${header}`;
  return URL.canParse(url) ? new URL(url).hostname.replaceAll(/[[\]]/g, '') : undefined;
}

/**
 * Answers to the names this server goes by, and to addresses. A page elsewhere can make a name of its
 * own lead here and would then be taken for one of ours; to an address it cannot.
 */
export function ownHosts(names: readonly string[]): RequestHandler {
  const own = new Set(['localhost', ...names.map((one) => one.toLowerCase())]);
  const known = new LRUCache<string, true>({ max: MOST_REMEMBERED });
  const isOwn = (header: string): boolean => {
    if (known.has(header)) return true;
    const host = hostNamed(header);
    if (host === undefined || (isIP(host) === 0 && !own.has(host))) return false;
    known.set(header, true);
    return true;
  };
  return (request, _, next) => {
    if (!isOwn(request.headers.host ?? '')) {
      throw new HttpProblem(421, SAY.notItsName);
    }
    next();
  };
}
