export { type After, canFollow, stagesBefore, standsBefore } from './after.js';
export {
  type Approach,
  type Case,
  type CaseWords,
  isSearch,
  type LiningUp,
  type Pattern,
  type PatternApproach,
  type SearchApproach,
  type SearchCase,
} from './approach.js';
export { approachById, APPROACHES } from './built-in.js';
export {
  type Claim,
  type Lines,
  type Moment,
  retold,
  type Sentence,
  sentencesOf,
  textOf,
  type Those,
  type Which,
} from '../wording/index.js';
export type { Role, Seen } from '../wording/index.js';
export { approachShort, approachTitle, caseTitle } from './titles.js';
