/** A coach's group: how each of them stands, and who needs the coach now. */
export * from './live.js';
export * from './needs.js';
export * from './standing.js';
export * from './task.js';
export * from './to-practise.js';
