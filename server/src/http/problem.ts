import { STATUS_CODES } from 'node:http';
import type { ApiProblem, FieldError } from '@sleetcrest/contract';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { troubleOf, PerhapsKept, type Trouble } from '../database/errors.js';
import { NobodyWaits } from '../threads/nobody-waits.js';
import { idOf, logFailure } from './logging.js';

/** A refusal that is told to the person as it stands. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly errors?: readonly FieldError[],
    readonly headers: Readonly<Record<string, string>> = {},
  ) {
    super(detail);
  }
}

/** A refusal of one field of the request. */
export const refusal = (path: string, message: string, status = 422): HttpProblem =>
  new HttpProblem(status, `The request was refused: ${path}: ${message}`, [{ path, message }]);

/** Errors of Express's own body reader carry these. */
interface BodyError {
  type?: string;
  status?: number;
  code?: unknown;
  /** Bytes that were allowed. */
  limit?: number;
}

const BODY_PROBLEMS: Record<string, HttpProblem> = {
  'entity.parse.failed': new HttpProblem(400, 'The request is not JSON: mend its syntax.'),
  'encoding.unsupported': new HttpProblem(415, 'Send the request as plain or gzipped UTF-8 JSON.'),
  'charset.unsupported': new HttpProblem(415, 'Send the request as UTF-8 JSON.'),
};

/** Told to nobody, since nobody is there. */
const GONE = new HttpProblem(499, 'Whoever asked has left.');

const AGAIN = 'Nothing was changed; try again shortly.';
/** What is told of a database that cannot do what was asked. */
const TROUBLES: Record<Trouble, HttpProblem> = {
  unreachable: new HttpProblem(503, `The database cannot be reached. ${AGAIN}`),
  full: new HttpProblem(503, `Too many are asking at once. ${AGAIN}`),
  lost: new HttpProblem(503, `The database was lost while it answered. ${AGAIN}`),
  'too long': new HttpProblem(
    503,
    'This took the database too long and was given up. Nothing was changed; ask for less of it, or try again later.',
  ),
  conflict: new HttpProblem(503, `Others changed the same at this moment. ${AGAIN}`),
  standby: new HttpProblem(503, `The database takes no changes just now. ${AGAIN}`),
  'account gone': new HttpProblem(401, 'This account is gone; nothing was kept.'),
  gone: new HttpProblem(
    409,
    'What this belongs to was deleted meanwhile. Nothing was changed; load the page again.',
  ),
  taken: new HttpProblem(409, 'Something else has this id; make a new id. Nothing was changed.'),
};
const PERHAPS_KEPT = new HttpProblem(
  503,
  'The database was lost while it kept this. It may have been kept: look before you send it again.',
);

const CHANGES = ['POST', 'PUT', 'PATCH', 'DELETE'];

function asProblem(error: unknown, method: string): HttpProblem {
  if (error instanceof HttpProblem) return error;
  if (error instanceof NobodyWaits || (error as Error).name === 'AbortError') return GONE;
  const { type, status, limit } = error as BodyError;
  if (type === 'entity.too.large') {
    const most = Math.floor((limit ?? 0) / 1024);
    return new HttpProblem(413, `The request is too large: send at most ${most} kB.`);
  }
  if (type && BODY_PROBLEMS[type]) return BODY_PROBLEMS[type];
  const trouble = troubleOf(error);
  if (trouble) {
    const perhaps =
      trouble === 'lost' && (error instanceof PerhapsKept || CHANGES.includes(method));
    return perhaps ? PERHAPS_KEPT : TROUBLES[trouble];
  }
  if (status && status >= 400 && status < 500) {
    return new HttpProblem(
      status,
      'The request cannot be read; check its address, headers and body.',
    );
  }
  return new HttpProblem(500, 'Something went wrong here. Nothing is known to be lost; try again.');
}

const causes = new WeakMap<Response, string>();
const refusedBecause = (response: Response, cause: string): void =>
  void causes.set(response, cause);

/** Why a request was answered with 503, for the figures. */
export const causeOf = (response: Response): string | undefined => causes.get(response);

/** Answers every error as `application/problem+json`; what is our fault is logged. */
export function answerProblems(logger: Logger): ErrorRequestHandler {
  return (error, request, response, next) => {
    // Express knows a handler of errors by its four parameters.
    void next;
    const problem = asProblem(error, request.method);
    if (problem.status === 503) refusedBecause(response, troubleOf(error) ?? 'busy');
    if (problem.status >= 500) logFailure(logger, response, error);
    if (response.headersSent) {
      // Half an answer must not end as if it were whole.
      response.destroy();
      return;
    }
    // A session that was to begin with this did not.
    response.removeHeader('set-cookie');
    const body: ApiProblem = {
      type: 'about:blank',
      title: STATUS_CODES[problem.status] ?? 'Problem',
      status: problem.status,
      detail: problem.detail,
      ...(problem.errors ? { errors: [...problem.errors] } : {}),
      requestId: idOf(response),
    };
    response
      .status(problem.status)
      .set(problem.headers)
      .type('application/problem+json')
      .send(JSON.stringify(body));
  };
}

export const notFound: RequestHandler = (request) => {
  throw new HttpProblem(404, `There is nothing at ${request.method} ${request.path}.`);
};
