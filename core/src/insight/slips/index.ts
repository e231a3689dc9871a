export { explain, type Explanation, type Slip } from './explain.js';
export type { SlipKind } from './kinds.js';
export { cubesOf, type MeantStep } from './meant.js';
export { randomSlip } from './random-slip.js';
export { randomSteps } from './random-steps.js';
export { type WayBack, waysBackFrom } from './recover.js';
export { slippedCubes } from './slipped.js';
export { tellSlip } from './tell-slip.js';
export { tellWrongTurn, type WrongTurn } from './wrong-turn.js';
