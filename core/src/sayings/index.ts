/** Words for sequences: those that ship, and what makes some of one's own good to remember. */
export * from './built-in.js';
export * from './saying.js';
