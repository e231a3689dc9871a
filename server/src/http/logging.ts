import { randomUUID } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

const REQUEST_ID = /^[\w-]{8,64}$/;

/** Logs each request once it is answered, with an id that is also sent back. */
export const logging = (logger: Logger): RequestHandler =>
  pinoHttp({
    logger,
    genReqId: (request, response) => {
      const given = request.headers['x-request-id'];
      const id = typeof given === 'string' && REQUEST_ID.test(given) ? given : randomUUID();
      response.setHeader('x-request-id', id);
      return id;
    },
    customLogLevel: (_, response, error) =>
      error || response.statusCode >= 500 ? 'error' : response.statusCode >= 400 ? 'warn' : 'info',
    serializers: {
      req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
        id,
        method,
        url,
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });
