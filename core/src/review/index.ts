/** A solve taken apart: its stages and cases, what was wasted, what is worth learning. */
export { ANSWERS, type Answered } from './looks.js';
export { WASTES, type Waste, type WasteKind } from './waste.js';
export type { Advice } from './advice.js';
export type { ShortestWay, StageWay } from './ways.js';
export * from './review.js';
