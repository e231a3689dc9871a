/** What is told of practice. */
import '../jitless.js';

export * from './review.js';
