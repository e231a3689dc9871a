export * from './holds.js';
export * from './over-starts.js';
export * from './readable.js';
export * from './step-states.js';
export * from './untrue.js';
