export type { Answer, Asked, SlipFound } from './slip-deeds';
export { Solver } from './solver';
export { Slips } from './slips';
export { MethodStages } from './method-stages';
