import { isIP } from 'node:net';
import type { RequestHandler } from 'express';
import { HttpProblem } from './problem.js';

/** The host a request names, without port and brackets; undefined where it names none. */
function hostNamed(header: string | undefined): string | undefined {
  const url = `http://${header ?? ''}`;
  return header !== undefined && URL.canParse(url)
    ? new URL(url).hostname.replaceAll(/[[\]]/g, '')
    : undefined;
}

/**
 * Answers to the names this server goes by, and to addresses. A page elsewhere can make a name of its
 * own lead here and would then be taken for one of ours; to an address it cannot.
 */
export function ownHosts(names: readonly string[]): RequestHandler {
  const own = new Set(['localhost', ...names.map((one) => one.toLowerCase())]);
  return (request, _, next) => {
    const host = hostNamed(request.headers.host);
    if (host === undefined || (isIP(host) === 0 && !own.has(host))) {
      throw new HttpProblem(
        421,
        'This server does not go by that name. Whoever runs it can add the name to SLEETCREST_NAMES.',
      );
    }
    next();
  };
}
