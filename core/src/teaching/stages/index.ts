export { goalHolds, stagesReached } from './goals.js';
export { FIRST_LAYERS, type FirstLayer, firstLayerOf, progressOf } from './progress.js';
export type { StagePart, StartsOf } from './records.js';
export {
  isOfLastLayer,
  partOf,
  recordOf,
  solvesCube,
  type Stage,
  STAGES,
  stageWords,
} from './stages.js';
