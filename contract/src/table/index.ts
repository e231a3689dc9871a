/** A coach's group: who belongs to it, how they stand, what is planned, set, shown and answered. */
import '../jitless.js';

export * from './roster.js';
export * from './matrix.js';
export * from './matrix-table.js';
export * from './session.js';
export * from './assignment.js';
export * from './work.js';
export * from './live.js';
export * from './print.js';
export * from './group-document.js';
