import { STATUS_CODES } from 'node:http';
import { type ApiProblem, describeErrors, type FieldError } from '@sleetcrest/contract';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { troubleOf, PerhapsKept, type Trouble } from '../database/errors.js';
import { NobodyWaits } from '../threads/nobody-waits.js';
import { idOf, logFailure } from './logging.js';
import { SAY } from './words.js';

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

/** The most fields an answer names; the sentence says how many more there are. */
const MOST_TOLD = 50;

/** A refusal of fields of the request. */
export const refused = (errors: readonly FieldError[], status = 422): HttpProblem =>
  new HttpProblem(
    status,
    SAY.refused({ errors: describeErrors(errors) }),
    errors.slice(0, MOST_TOLD),
  );

/** A refusal of one field of the request. */
export const refusal = (path: string, message: string, status = 422): HttpProblem =>
  refused([{ path, message }], status);

/** A refusal of an id that something else has. */
export const idTaken = (): HttpProblem => new HttpProblem(409, SAY.idTaken);

/** Errors of Express's own body reader carry these. */
interface BodyError {
  type?: string;
  status?: number;
  code?: unknown;
  /** Bytes that were allowed. */
  limit?: number;
}

const BODY_PROBLEMS: Record<string, HttpProblem> = {
  'entity.parse.failed': new HttpProblem(400, SAY.notJson),
  'encoding.unsupported': new HttpProblem(415, SAY.badEncoding),
  'charset.unsupported': new HttpProblem(415, SAY.badCharacters),
};

/** Told to nobody, since nobody is there. */
const GONE = new HttpProblem(499, SAY.asksNoMore);

/** What is told of a database that cannot do what was asked. */
const TROUBLES: Record<Trouble, HttpProblem> = {
  unreachable: new HttpProblem(503, SAY.unreachable),
  full: new HttpProblem(503, SAY.full),
  lost: new HttpProblem(503, SAY.lost),
  'too long': new HttpProblem(503, SAY.tooLong),
  conflict: new HttpProblem(503, SAY.conflict),
  standby: new HttpProblem(503, SAY.standby),
  'account gone': new HttpProblem(401, SAY.accountGone),
  gone: new HttpProblem(409, SAY.belongingGone),
  taken: idTaken(),
};
const PERHAPS_KEPT = new HttpProblem(503, SAY.perhapsKept);

const CHANGES = ['POST', 'PUT', 'PATCH', 'DELETE'];

function asProblem(error: unknown, method: string): HttpProblem {
  if (error instanceof HttpProblem) return error;
  if (error instanceof NobodyWaits || (error as Error).name === 'AbortError') return GONE;
  const { type, status, limit } = error as BodyError;
  if (type === 'entity.too.large') {
    const most = Math.floor((limit ?? 0) / 1024);
    return new HttpProblem(413, SAY.tooLarge({ most }));
  }
  if (type && BODY_PROBLEMS[type]) return BODY_PROBLEMS[type];
  const trouble = troubleOf(error);
  if (trouble) {
    const perhaps =
      trouble === 'lost' && (error instanceof PerhapsKept || CHANGES.includes(method));
    return perhaps ? PERHAPS_KEPT : TROUBLES[trouble];
  }
  if (status && status >= 400 && status < 500) {
    return new HttpProblem(status, SAY.unreadable);
  }
  return new HttpProblem(500, SAY.ourFault);
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
  throw new HttpProblem(404, SAY.nothingThere({ asked: `${request.method} ${request.path}` }));
};
