export { type Distribution, meanOf, quantileOf, worstOf } from './distribution.js';
export { explainFailure } from './failure.js';
export { type OnProgress, type Proof, prove } from './prove.js';
export { stageStart } from './stage-start.js';
export type { CaseSurvey } from './stage-survey.js';
export { pairStarts, type Starts, startsOf } from './starts.js';
export { type MethodSurvey, SURVEY_VERSION, Surveyor } from './survey.js';
