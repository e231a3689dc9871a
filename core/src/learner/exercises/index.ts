export * as both from './both.js';
export { cameOut, type CameOut, type Done, tellingStickers } from './came-out.js';
export * as led from './led.js';
export { cardsOnPath, drawCard, freshOnPath } from './on-path.js';
export * as plan from './plan.js';
export * as read from './read.js';
export * as see from './see.js';
export { caseStep, showCase } from './show-case.js';
export * as turn from './turn.js';
