export { casesIn } from './follow.js';
export { likelyWay } from './likely.js';
export { gaze, type GlanceNode, glancePlan, type GlancePlan, type Sight } from './plan.js';
export {
  glanceFigures,
  type GlanceFigures,
  knownFigures,
  knownGlance,
  packedGlance,
} from './shipped.js';
export type { Look, Outcome } from './situations.js';
export { toldApart } from './told-apart.js';
export { colourOfRole, lookPlace, lookSaid, seenWords } from './words.js';
export { proveGlance } from './prove-glance.js';
