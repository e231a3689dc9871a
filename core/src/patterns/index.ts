/** Patterns on the solved cube: those that ship, and what anybody paints. */
export * from './alike.js';
export * from './built-in.js';
export * from './paint.js';
