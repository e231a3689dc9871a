export {
  type Card,
  CardBook,
  type Confusion,
  inOrder,
  type Promised,
  type WrittenBook,
} from './cards.js';
export {
  type Calibration,
  calibrationOf,
  type CaseCards,
  dueInDays,
  type Grasp,
  graspOf,
  leastOf,
  lossOf,
} from './known.js';
export { type Memory, type Rating, RATINGS, type Trace } from './memory.js';
export { Pace } from './pace.js';
export { type Asked, type Fresh, freshToday, nextCard, secondsDue } from './queue.js';
export {
  CARD_KINDS,
  cardKey,
  type CardKind,
  type CardName,
  dayNamed,
  dayNumber,
  INPUTS,
  oldestFirst,
  type Review,
} from './review.js';
