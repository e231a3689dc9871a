/**
 * What nearly everyone needs and a page loads first. The rest has entries of its own, so that a
 * page loads it only when it is used: `@sleetcrest/core/methods` and so on, one for each room that
 * computes.
 */
export * from './result.js';
export * from './cube/colours.js';
export * from './cube/cube.js';
export * from './cube/geometry.js';
export * from './cube/holds.js';
export * from './cube/laws.js';
export * from './cube/layers.js';
export * from './cube/legality.js';
export * from './cube/painted.js';
export * from './cube/pieces.js';
export * from './cube/random.js';
export * from './cube/repair.js';
export * from './cube/sides.js';
export * from './cube/swatches.js';
export * from './cube/turns.js';
export * from './cube/words.js';
export * from './notation/mirror.js';
export * from './notation/hold-line.js';
export * from './notation/moves.js';
export * from './notation/read.js';
export * from './notation/simplify.js';
export * from './notation/write.js';
export * from './stages/goals.js';
export * from './stages/progress.js';
export * from './stages/stages.js';
export * from './methods/named.js';
export * from './methods/replay.js';
export * from './methods/work.js';
export * from './methods/method.js';
export * from './methods/walkthrough.js';
export { SLIP_KINDS, type SlipKind } from './slips/kinds.js';
export * from './drawing/crown.js';
export * from './drawing/letter-on.js';
export * from './drawing/skyline.js';
export * from './drawing/turn.js';
export * from './inspect.js';
