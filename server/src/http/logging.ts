import { randomUUID } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import { pino, type DestinationStream, type Logger } from 'pino';

/**
 * The only fields that are ever logged. None of them holds what a person wrote or asked for: addresses
 * are logged as routes, errors without their messages.
 */
const FIELDS = [
  'id',
  'method',
  'route',
  'status',
  'milliseconds',
  'error',
  'signal',
  'host',
  'port',
  'work',
  'count',
] as const;
type Fields = Partial<Record<(typeof FIELDS)[number], unknown>>;

/** A log that keeps to the fields it may have, whatever it is given. */
export const openLog = (level: string, destination?: DestinationStream): Logger =>
  pino(
    {
      level,
      base: { pid: process.pid },
      formatters: {
        log: (given) =>
          Object.fromEntries(
            FIELDS.flatMap((name) => (name in given ? [[name, given[name]]] : [])),
          ),
      },
    },
    destination ?? pino.destination({ fd: 2, sync: true }),
  );

/** What may be told of an error: its kind, the database's code and place, and where it came from. */
export function errorFields(error: unknown): object {
  if (!(error instanceof Error)) return { kind: typeof error };
  const { parent = error } = error as { parent?: { code?: unknown } };
  const { code, constraint, table } = parent as Record<string, unknown>;
  const words = error.message;
  const stack = error.stack ?? '';
  // The message stands before the frames, and may have lines that look like one.
  const frames = stack
    .slice(words === '' ? 0 : stack.lastIndexOf(words) + words.length)
    .split('\n');
  const at = frames.filter((frame) => /^ {4}at /.test(frame)).map((frame) => frame.trim());
  return { kind: error.constructor.name, code, constraint, table, at: at.slice(0, 10) };
}

/** The route a request took, such as `GET /api/solves/:id`; `page` for what is no route of the API. */
export function routeOf(request: Pick<Request, 'method'> & { route?: unknown }): string {
  const { path } = (request.route ?? {}) as { path?: unknown };
  return typeof path === 'string' ? `${request.method} ${path}` : 'page';
}

const REQUEST_ID = /^[\w-]{8,64}$/;

const ID_HEADER = 'x-request-id';

/** By what an answer, and what is logged of it, name a request. */
export const idOf = (response: Response): string => String(response.getHeader(ID_HEADER));

/** Logs each request once it is answered, or its sender has left, with an id that is also sent back. */
export function logging(logger: Logger): RequestHandler {
  return (request, response, next) => {
    const begun = performance.now();
    const given = request.headers[ID_HEADER];
    const id = typeof given === 'string' && REQUEST_ID.test(given) ? given : randomUUID();
    response.setHeader(ID_HEADER, id);
    response.once('close', () => {
      const status = response.statusCode;
      logger[levelOf(status)](
        {
          id,
          route: routeOf(request),
          method: request.method,
          status,
          milliseconds: Math.round(performance.now() - begun),
        } satisfies Fields,
        response.writableFinished ? 'request completed' : 'request aborted',
      );
    });
    next();
  };
}

const levelOf = (status: number): 'error' | 'warn' | 'info' =>
  status >= 500 ? 'error' : status >= 400 ? 'warn' : 'info';

/** Logs what failed on our side, beside the line of the request it failed in. */
export function logFailure(logger: Logger, response: Response, error: unknown): void {
  const fields: Fields = { id: idOf(response), error: errorFields(error) };
  logger.error(fields, 'request failed');
}
