/** What to look at first: the fewest stickers that decide the case. */
export * from './plan.js';
export type { Look, Outcome } from './situations.js';
export * from './follow.js';
export * from './prove-glance.js';
export * from './told-apart.js';
export * from './likely.js';
export * from './words.js';
