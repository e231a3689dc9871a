/** Telling what a cube looks like with as few stickers as it takes. */
export * from './asking.js';
export * from './done-up-to.js';
export * from './possible.js';
export * from './suspects.js';
