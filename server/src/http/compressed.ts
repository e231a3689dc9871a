import compression from 'compression';
import type { RequestHandler } from 'express';

const compress = compression();

/** Compresses what is read. What a change is answered with is short, or a PDF. */
export const compressed: RequestHandler = (request, response, next) => {
  if (request.method === 'GET') compress(request, response, next);
  else next();
};
