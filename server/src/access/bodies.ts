import type { Route } from './rules.js';

/** The most a body may have, in bytes; routes that are not named below take a small one. */
export const SMALL_BODY = 65_536;
export const LARGE_BODY = 524_288;
/** As much as the contract lets be in many answers, or records, of the longest. */
export const LARGEST_BODY = 2_097_152;

export const LARGEST_BODIES: readonly Route[] = [
  'POST /api/log/batch',
  'POST /api/practice/reviews',
];

/** A method may have every approach written out. */
export const LARGE_BODIES: readonly Route[] = [
  'POST /api/log/remove',
  'POST /api/log/restore',
  'POST /api/log/tags',
  'POST /api/handouts',
  'POST /api/solves',
  'PATCH /api/solves/:id',
  'PUT /api/methods/:id',
  'PATCH /api/groups/:id',
  'PUT /api/groups/:id/plans/:plan',
  'PATCH /api/live/:live',
];
