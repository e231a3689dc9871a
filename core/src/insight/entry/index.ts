export { holdAsking, nextQuestion, tellingSticker } from './asking.js';
export { stickersOnceDone } from './done-up-to.js';
export { inferred, possible } from './possible.js';
export { type Suspect, suspects } from './suspects.js';
