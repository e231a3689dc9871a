import './jitless.js';

export * from './documents/approach.js';
export * from './documents/colour.js';
export * from './documents/cube.js';
export * from './documents/id.js';
export * from './documents/inspection.js';
export * from './documents/method.js';
export * from './documents/slip.js';
export * from './documents/walkthrough.js';
export * from './formats.js';
export * from './http/handouts.js';
export * from './http/health.js';
export * from './http/methods.js';
export * from './http/problem.js';
export * from './http/solves.js';
export * from './issues.js';
