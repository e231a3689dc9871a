export { approachesAfter, isLast } from './following.js';
export type { Method } from './method.js';
export { allMixes, mixOf } from './mixes.js';
export { complete, swapped } from './mixing.js';
export { DEFAULT_METHOD, methodById, methodOf, METHODS } from './named.js';
