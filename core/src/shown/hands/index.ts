export type { Hand } from './actions.js';
export { handsFor } from './grips.js';
