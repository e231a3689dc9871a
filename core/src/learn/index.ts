/** What to learn first, and why. */
export * from './path.js';
export * from './method-path.js';
export * from './show-case.js';
export * from './came-out.js';
