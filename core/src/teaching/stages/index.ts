export { goalHolds, stagesReached } from './goals.js';
export { FIRST_LAYERS, type FirstLayer, firstLayerOf, progressOf } from './progress.js';
export {
  isFrom,
  isOfLastLayer,
  partOf,
  solvesCube,
  type Stage,
  type StagePart,
  STAGES,
  stageWords,
} from './stages.js';
