export {
  keyOf,
  knownSurvey,
  partFacts,
  type StageNumbers,
  type SurveyFacts,
} from './part-facts.js';
export { type CaseWorth, worthOf, type WorthFacts } from './worth-facts.js';
export { type GlanceFacts, glanceData, glanceFigureData } from './glance-facts.js';
