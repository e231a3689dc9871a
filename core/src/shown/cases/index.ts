export { type Beside, caseBeside, type CaseCard, caseCards, mirrored } from './case-cards.js';
export {
  type CasePicture,
  casePictures,
  type Cell,
  patternPicture,
  pictureHold,
  plainPicture,
} from './case-picture.js';
export { decidingStickers } from './deciding.js';
export { soughtPieces } from './sought.js';
export { demandsOf } from './demands.js';
