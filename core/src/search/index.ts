/** Short ways from any cube to any other. */
export * from './scramble.js';
export * from './way.js';
export * from './way-tables.js';
export * from './first-steps.js';
