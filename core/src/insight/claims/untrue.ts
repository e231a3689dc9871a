import { type Cube, STANDARD_SCHEME, UP } from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import { filled, parseTemplate, startsOf, type Step, writeStep } from '../../engine/run/index.js';
import { checkClaims, type LineName } from './over-starts.js';

/** A sentence of a case that is not so, with a cube on which it is not. */
interface Untrue {
  case: string;
  line: LineName;
  /** The sentence as it is read on that cube. */
  says: string;
  /** On how many of the steps that were tried it is not so. */
  times: number;
  /** The cube before the step, and the step. */
  cube: Cube;
  step: Step;
}

/** What is known of the sentences of an approach. */
export interface Wording {
  /** Steps on which they were checked, and claims checked in all. */
  steps: number;
  claims: number;
  untrue: Untrue[];
}

/** So many starts show nearly everything, and are quick enough to wait for. */
const MOST_STARTS = 15_000;

/** Which sentences of an approach are not so, tried on as many starts as can be waited for. */
export function checkWording(approach: Approach): Wording {
  const { count } = startsOf(approach.stage, approach.after, UP);
  const checked = checkClaims(approach, { every: Math.ceil(count / MOST_STARTS) });
  const untrue = checked.broken.map(({ case: id, line, says, times, step }): Untrue => {
    const { runner, choice, cube, before } = step;
    const { pieces } = runner.tell(choice, cube, before);
    const told = filled(parseTemplate(says), choice, pieces, before);
    return {
      case: id,
      line,
      says: told,
      times,
      cube,
      step: writeStep(runner, choice, cube, before, STANDARD_SCHEME),
    };
  });
  return { steps: checked.steps, claims: checked.claims, untrue };
}
