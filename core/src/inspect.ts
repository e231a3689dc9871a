import { findProblems, type Problem } from './cube/legality.js';
import { cubeFromPainted, type PaintedCube } from './cube/painted.js';
import { UP, type Side } from './cube/sides.js';
import { stagesReached } from './stages/goals.js';
import { firstLayerOf, type FirstLayer } from './stages/progress.js';
import type { Stage } from './stages/stages.js';

/** Whether a painted cube is a real one, what is wrong with it, and how far it is. */
export interface Inspection {
  legal: boolean;
  problems: Problem[];
  /** All stages whose goals hold; none for a cube that is not legal. */
  reached: Stage[];
  firstLayer: FirstLayer;
}

export function inspect({ painted, scheme }: PaintedCube, first: Side = UP): Inspection {
  const problems = findProblems(painted, scheme);
  if (problems.length > 0) return { legal: false, problems, reached: [], firstLayer: 'open' };
  const cube = cubeFromPainted(painted);
  return {
    legal: true,
    problems,
    reached: stagesReached(cube, first),
    firstLayer: firstLayerOf(cube, first),
  };
}
