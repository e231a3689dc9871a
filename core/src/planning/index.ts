/** Planning a coach's session: who sits together, what each table does, and why. */
export * from './asked.js';
export { boundOf } from './bound.js';
export { EXACT_UP_TO } from './exact.js';
export { gainsOf, nextNew } from './gains.js';
export * from './plan.js';
export * from './prepared.js';
export { MOST_AT_TABLE, TABLE_COSTS } from './programmes.js';
export * from './reasons.js';
