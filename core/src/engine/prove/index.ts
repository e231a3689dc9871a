export { explainFailure } from './failure.js';
export { type Proof, prove } from './prove.js';
export { stageStart } from './stage-start.js';
export { type MethodSurvey, SURVEY_VERSION, Surveyor } from './survey.js';
