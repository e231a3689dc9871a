export { ANYTHING, UNPAINTED } from './asks.js';
export {
  compileApproach,
  patternsOf,
  seenMask,
  stickerCalled,
  type Variant,
  wordsInHold,
} from './compile.js';
export {
  type Distribution,
  distributionOf,
  meanOf,
  quantileOf,
  together,
  worstOf,
} from './distribution.js';
export { PatternRunner } from './pattern-runner.js';
export { solveAsked, solvePainted, type WalkAsked } from './asked.js';
export type { Deciding, Searching } from './searching.js';
export type { OnProgress } from './progress.js';
export { readStep, replay } from './replay.js';
export { approachesOf, methodProblem, resolveMethod, stagesOf } from './resolve.js';
export type { Choice, Spoken } from './choice.js';
export { capitals, filled, linesOf, placeOrColour, type Runner } from './runner.js';
export { solve, writeStep } from './solve.js';
export { firstRepeat, runStage } from './stage-run.js';
export { patternRunnerFor, runnerFor } from './stage-runner.js';
export { type CaseSurvey, type PartSurvey, StageCount, type StageSurvey } from './stage-survey.js';
export { type Starts, startsOf } from './starts.js';
export { fillTemplate, parseTemplate, type Template } from './text.js';
export { MOST_LOOKS, stepsFrom, type TriedStep, type Tries } from './tries.js';
export { turnedStarts } from './turned-starts.js';
export type { Step, Walkthrough } from './walkthrough.js';
