/** Who calls: accounts, sessions, and the groups coaches have. */
import '../jitless.js';

export * from './account.js';
export * from './code.js';
export * from './group.js';
