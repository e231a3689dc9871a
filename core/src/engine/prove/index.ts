export { explainFailure } from './failure.js';
export { type Proof, prove } from './prove.js';
export { PartSurveyor } from './part-survey.js';
export { partsOf } from './parts.js';
export { stageStart } from './stage-start.js';
export { type MethodSurvey, SURVEY_VERSION, Surveyor } from './survey.js';
