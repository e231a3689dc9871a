import {
  cubeFromPainted,
  findProblems,
  type PaintedCube,
  type Problem,
  type Side,
  UP,
} from '../../puzzle/cube/index.js';
import {
  type FirstLayer,
  firstLayerOf,
  type Stage,
  stagesReached,
} from '../../teaching/stages/index.js';

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
