import type { Pattern } from '../approach.js';

/** Each of the patterns with what must be seen besides. */
export const also = (patterns: readonly Pattern[], more: Pattern): Pattern[] =>
  patterns.map((pattern) => ({ ...more, ...pattern }));
