/** The approaches, and all that is made from them: plans, proofs, surveys, cards, case pictures. */
export * from '../approaches/approach.js';
export {
  retold,
  sentencesOf,
  textOf,
  type Claim,
  type Lines,
  type Sentence,
} from '../approaches/claims.js';
export * from '../approaches/index.js';
export * from '../drawing/case-picture.js';
export * from '../drawing/svg.js';
export * from './case-cards.js';
export * from './cases-seen.js';
export { patternsOf, stickerCalled } from './compile.js';
export * from './deciding.js';
export * from './demands.js';
export * from './distribution.js';
export * from './failure.js';
export * from './following.js';
export * from './mixes.js';
export * from './mixing.js';
export * from './plan.js';
export * from './prove.js';
export * from './resolve.js';
export type { Choice, Runner, Told } from './runner.js';
export * from './set-up.js';
export * from './stage-start.js';
export * from './solve.js';
export { runnerFor } from './stage-runner.js';
export { startsOf } from './starts.js';
export type { CaseSurvey, StageSurvey } from './stage-survey.js';
export * from './survey.js';
export * from './tell-case.js';
