import { STATUS_CODES } from 'node:http';
import type { ApiProblem, FieldError } from '@sleetcrest/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { ConnectionError, ConnectionAcquireTimeoutError, DatabaseError } from 'sequelize';

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

/** Errors of Express's own body reader carry these. */
interface BodyError {
  type?: string;
  status?: number;
}

const BODY_PROBLEMS: Record<string, HttpProblem> = {
  'entity.too.large': new HttpProblem(413, 'The request is too large: send at most 512 kB.'),
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
  if (/Connection terminated|not queryable/.test(said.message)) return true;
  // Class 57P: the server was told to stop, or a connection was cut while a query ran.
  const { code } = said as { code?: unknown };
  return typeof code === 'string' && /^(57P|08|ECONNRESET|ECONNREFUSED|EPIPE)/.test(code);
}

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  const { type, status } = error as BodyError;
  if (type && BODY_PROBLEMS[type]) return BODY_PROBLEMS[type];
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
  const problem = asProblem(error);
  if (problem.status >= 500) request.log.error({ err: error as unknown }, 'request failed');
  if (response.headersSent) {
    next(error);
    return;
  }
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
