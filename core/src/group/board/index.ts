export {
  byNeed,
  DOINGS,
  type Here,
  SIGN_OF_LIFE,
  stateAtTable,
  type StateAtTable,
  stuckAfter,
} from './live.js';
