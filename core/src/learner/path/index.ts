export { drilled, knownPath, methodPath, PATH_VERSION } from './method-path.js';
export type { PathCase, PathStage } from './path.js';
export { countWorth } from './worth.js';
