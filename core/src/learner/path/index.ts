export { drilled, methodPath, PATH_VERSION } from './method-path.js';
export type { PathCase, PathStage } from './path.js';
