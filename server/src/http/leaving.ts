import type { Response } from 'express';

/** A signal for when whoever asked has left before they were answered: what is done for them is stopped. */
export function leaving(response: Response): AbortSignal {
  const left = new AbortController();
  response.once('close', () => {
    if (!response.writableFinished) left.abort();
  });
  return left.signal;
}
