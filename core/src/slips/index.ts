/** What slipped, and the ways back. */
export * from './explain.js';
export * from './meant.js';
export * from './random-slip.js';
export * from './random-steps.js';
export * from './recover.js';
export * from './tell-slip.js';
export * from './wrong-turn.js';
