export * from './fsrs.js';
export * from './fit.js';
export * from './simulate.js';
