export type { Hand } from './actions.js';
export { planHands } from './plan.js';
