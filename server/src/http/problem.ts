import { STATUS_CODES } from 'node:http';
import type { ApiProblem, FieldError } from '@sleetcrest/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  ForeignKeyConstraintError,
} from 'sequelize';
import { NO_ANSWER } from '../database/database.js';
import { errorFields } from './logging.js';

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

function isDatabaseDown(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError)
    return true;
  // Sequelize wraps what the driver says; a connection that was lent says it itself.
  const said = error instanceof DatabaseError ? error.parent : error;
  if (!(said instanceof Error)) return false;
  if (said.message === NO_ANSWER) return true;
  if (/Connection terminated|not queryable|Client was closed/.test(said.message)) return true;
  // 57: the server was told to stop, a connection was cut, or a query took too long; 25P03: it stood
  // still in a transaction; 53: the database has no room for one more; 40: two waited for each other.
  const { code } = said as { code?: unknown };
  return (
    typeof code === 'string' &&
    /^(57|08|53|40|25P03|55P03|ECONNRESET|ECONNREFUSED|EPIPE)/.test(code)
  );
}

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  const { type, status, limit } = error as BodyError;
  if (type === 'entity.too.large') {
    const most = Math.floor((limit ?? 0) / 1024);
    return new HttpProblem(413, `The request is too large: send at most ${most} kB.`);
  }
  if (type && BODY_PROBLEMS[type]) return BODY_PROBLEMS[type];
  // Whatever is kept belongs to an account: it was deleted while this was on its way.
  if (error instanceof ForeignKeyConstraintError || (error as BodyError).code === '23503') {
    return new HttpProblem(401, 'This account is gone; nothing was kept.');
  }
  if (isDatabaseDown(error)) {
    return new HttpProblem(
      503,
      'The database cannot be reached. Nothing was changed; try again shortly.',
    );
  }
  if (status && status >= 400 && status < 500) {
    return new HttpProblem(
      status,
      'The request cannot be read; check its address, headers and body.',
    );
  }
  return new HttpProblem(500, 'Something went wrong here. Nothing is known to be lost; try again.');
}

/** Answers every error as `application/problem+json`; what is our fault is logged. */
export const answerProblems: ErrorRequestHandler = (error, request, response, next) => {
  // Express knows a handler of errors by its four parameters.
  void next;
  const problem = asProblem(error);
  if (problem.status >= 500) request.log.error({ error: errorFields(error) }, 'request failed');
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
    requestId: String(request.id),
  };
  response
    .status(problem.status)
    .set(problem.headers)
    .type('application/problem+json')
    .send(JSON.stringify(body));
};

export const notFound: RequestHandler = (request) => {
  throw new HttpProblem(404, `There is nothing at ${request.method} ${request.path}.`);
};
