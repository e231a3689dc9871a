/** What to learn first, and why. */
export * from './path.js';
