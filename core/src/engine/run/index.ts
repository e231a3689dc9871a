export {
  ANYTHING,
  compileApproach,
  patternsOf,
  seenMask,
  stickerCalled,
  UNPAINTED,
  type Variant,
  wordsInHold,
} from './compile.js';
export { type PairWay, WayLists, Ways } from './pair-ways.js';
export { PairsRunner } from './pairs-runner.js';
export { PatternRunner } from './pattern-runner.js';
export { type Plan, solvePainted, solvePlan } from './plan.js';
export { readStep, replay } from './replay.js';
export { approachesOf, resolveMethod, stagesOf } from './resolve.js';
export {
  capitals,
  type Choice,
  filled,
  linesOf,
  placeOrColour,
  type Runner,
  type Spoken,
} from './runner.js';
export { solve, writeStep } from './solve.js';
export { firstRepeat, runStage } from './stage-run.js';
export { patternRunnerFor, runnerFor } from './stage-runner.js';
export { fillTemplate, parseTemplate, type Template } from './text.js';
export type { Step, Walkthrough } from './walkthrough.js';
export { MOST_WORK, workOf } from './work.js';
