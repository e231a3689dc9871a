export {
  LEAST_MINUTES,
  MOST_MINUTES,
  partsOf,
  type PlanAsked,
  type PlanCase,
  type PlanLearner,
  type PlanTable,
  type Slot,
} from './asked.js';
export {
  MOST_PLANNED,
  type Planned,
  planSession,
  type Remark,
  remarksOn,
  worthOf,
} from './plan.js';
export { type Prepared, preparedFor } from './prepared.js';
export { OBJECTIVE, type Worth } from './objective.js';
export { MOST_AT_TABLE } from './programmes.js';
export { type PlanReason, reasonsFor } from './reasons.js';
