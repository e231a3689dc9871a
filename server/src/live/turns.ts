import type { RequestHandler } from 'express';
import onHeaders from 'on-headers';
import PQueue from 'p-queue';

/** How many pages are let in at once that come to follow a session. */
const AT_ONCE = 4;

/**
 * Lets pages that come to follow a session in by turns, boards first. When a process is started anew, hundreds come in
 * the same second; without turns, whoever tells where they are would stand behind all of them.
 */
export function turns(): RequestHandler {
  const queue = new PQueue({ concurrency: AT_ONCE });
  return (request, response, next) => {
    const follows = /^\/[^/]+\/(board|seat)$/.exec(request.path);
    if (!follows || request.method !== 'GET') {
      next();
      return;
    }
    const priority = follows[1] === 'board' ? 1 : 0;
    void queue.add(
      () =>
        new Promise<void>((done) => {
          if (response.closed || response.destroyed) {
            done();
            return;
          }
          // Its turn is over once it is answered, not once it has gone.
          onHeaders(response, done);
          response.once('close', done);
          next();
        }),
      { priority },
    );
  };
}
