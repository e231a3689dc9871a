/** Practice: what is asked, how it went, what is left of it, and what comes next. */
export * as both from './both.js';
export * from './cards.js';
export * from './known.js';
export * from './memory.js';
export * from './pace.js';
export * as plan from './plan.js';
export * from './queue.js';
export * as read from './read.js';
export * from './review.js';
export * as see from './see.js';
export * as turn from './turn.js';
