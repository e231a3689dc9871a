export { atPosition } from './at-position.js';
export type { Answered } from './looks.js';
export { type Review, type ReviewedStage, reviewSolve, type SolveDone } from './review.js';
