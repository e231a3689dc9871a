import { fieldErrors } from '@sleetcrest/contract';
import type { Request } from 'express';
import type * as z from 'zod';
import { HttpProblem, refused } from './problem.js';
import { SAY } from './words.js';

function valid<T>(schema: z.ZodType<T>, input: unknown, status: number): T {
  const parsed = schema.safeParse(input);
  if (parsed.success) return parsed.data;
  throw refused(fieldErrors(parsed.error), status);
}

/** The body, as the schema has it; anything else is refused with 415 or 422. */
export function bodyOf<T>(request: Request, schema: z.ZodType<T>): T {
  // What was read as JSON was sent as such.
  if (request.body === undefined && !request.is('application/json')) {
    throw new HttpProblem(415, SAY.sendJson);
  }
  return valid(schema, request.body, 422);
}

export const queryOf = <T>(request: Request, schema: z.ZodType<T>): T =>
  valid(schema, request.query, 400);

export const paramsOf = <T>(request: Pick<Request, 'params'>, schema: z.ZodType<T>): T =>
  valid(schema, request.params, 400);
