/** The log of solves and stage practices: its document, its CSV columns, its requests. */
import '../jitless.js';

export * from './columns.js';
export * from './entry.js';
export * from './requests.js';
export * from './summary.js';
