import { colourAt, type Cube, type Side } from '../../puzzle/cube/index.js';
import { goalHolds } from './goals.js';
import type { Stage } from './stages.js';

/** How far a cube is on the way through some stages. */
export interface Progress {
  /** The last of them whose goal holds, and the first that is still to be done. */
  done: Stage | null;
  next: Stage | null;
}

/** The progress through stages in their order, given all whose goals hold. */
export function progressOf(stages: readonly Stage[], reached: readonly Stage[]): Progress {
  const at = stages.reduce((last, stage, k) => (reached.includes(stage) ? k : last), -1);
  return { done: stages[at] ?? null, next: stages[at + 1] ?? null };
}

/**
 * How the first layer looks. `face-only` is the commonest false "one side done": the side shows
 * its colour, but the stickers round it do not match the sides they lie on.
 */
export const FIRST_LAYERS = ['done', 'face-only', 'open'] as const;
export type FirstLayer = (typeof FIRST_LAYERS)[number];

export function firstLayerOf(cube: Cube, first: Side): FirstLayer {
  if (goalHolds(cube, 'corners', first)) return 'done';
  for (let k = 0; k < 9; k++) if (colourAt(cube, first * 9 + k) !== first) return 'open';
  return 'face-only';
}
