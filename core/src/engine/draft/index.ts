export { freeId, idOf } from './ids.js';
export { emptyApproach, newCase, ownCopy } from './own.js';
export { heldFurther, painted, stickerName, withPatterns } from './patterns.js';
