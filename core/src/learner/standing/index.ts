export { needOf } from './needs.js';
export {
  caseEvidence,
  RECENT_DAYS,
  type StageDone,
  stageStanding,
  type Standing,
  standingBySolves,
  STANDINGS,
} from './standing.js';
export { toPractise } from './to-practise.js';
export { STANDING_WORDS } from './words.js';
