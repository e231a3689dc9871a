import compression from 'compression';
import type { RequestHandler } from 'express';

const packed = compression();

/** Packs what is read. What was changed is answered in a few words, which packing makes no shorter. */
export const packing: RequestHandler = (request, response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') packed(request, response, next);
  else next();
};
