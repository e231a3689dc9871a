import { findProblems, type Problem } from './cube/legality.js';
import { cubeFromPainted, type PaintedCube } from './cube/painted.js';
import { UP, type Side } from './cube/sides.js';
import { stagesReached } from './stages/goals.js';
import type { Stage } from './stages/stages.js';

/** Whether a painted cube is a real one, what is wrong with it, and the stages it has reached. */
export interface Inspection {
  legal: boolean;
  problems: Problem[];
  reached: Stage[];
}

export function inspect({ painted, scheme }: PaintedCube, first: Side = UP): Inspection {
  const problems = findProblems(painted, scheme);
  const legal = problems.length === 0;
  return { legal, problems, reached: legal ? stagesReached(cubeFromPainted(painted), first) : [] };
}
