import type { Walkthrough } from '@sleetcrest/core';
import { solvePlan, type Plan } from '@sleetcrest/core/methods';
import { HttpProblem } from '../http/problem.js';

/** The walkthrough a solve will follow; a plan that yields none is refused with 422. */
export function planOf(plan: Plan): Walkthrough {
  const walk = solvePlan(plan);
  if (walk.ok) return walk.value;
  const { path, message } = walk.error;
  throw new HttpProblem(422, `The request was refused: ${path}: ${message}`, [walk.error]);
}
