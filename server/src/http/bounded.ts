import type { RequestHandler } from 'express';
import { HttpProblem } from './problem.js';
import { SAY } from './words.js';

/** More than any request of ours has; less than would keep the thread that answers everybody. */
const MOST = { depth: 16, keys: 100, items: 10_000, values: 100_000 };

/** Whether a JSON value is larger in one way than any that a schema here can take. */
function isUnwieldy(whole: unknown): boolean {
  let values = 0;
  const looked = (value: unknown, depth: number): boolean => {
    if (++values > MOST.values) return true;
    if (typeof value !== 'object' || value === null) return false;
    if (depth === MOST.depth) return true;
    const parts = Array.isArray(value) ? (value as unknown[]) : Object.values(value);
    const most = Array.isArray(value) ? MOST.items : MOST.keys;
    return parts.length > most || parts.some((part) => looked(part, depth + 1));
  };
  return looked(whole, 0);
}

/** Refuses bodies that are deeper, wider or longer than any schema here, before one looks at them. */
export const bounded: RequestHandler = (request, _, next) => {
  if (isUnwieldy(request.body)) {
    throw new HttpProblem(422, SAY.holdsTooMuch);
  }
  next();
};
