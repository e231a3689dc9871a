/** The log of solves and stage practices, and what is counted from it. */
export * from './entry.js';
export * from './filter.js';
export * from './groups.js';
export * from './moments.js';
export * from './overview.js';
export * from './quantiles.js';
export * from './streaks.js';
export * from './summary.js';
