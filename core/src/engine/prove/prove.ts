import {
  applyTurns,
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  type Side,
  UP,
} from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { MOST_LOOKS, type OnProgress, runnerFor, type Tries } from '../run/index.js';

/** What trying every start of an approach showed. */
export interface Proof {
  approach: string;
  stage: Stage;
  starts: number;
  solved: number;
  /** Most and mean turns over the starts that were solved. */
  worst: number;
  mean: number;
  /** A start the approach does not bring to the stage's goal, if there is one. */
  unsolved: Cube | null;
}

/** Turns needed from this start, or undefined when the goal is not reached. */
type Attempt = (start: Cube) => number | undefined;

const BETWEEN_REPORTS = 4096;

class Tally {
  private tried = 0;
  private total = 0;
  private readonly proof: Proof;

  constructor(
    { id, stage }: Approach,
    private readonly of: number,
    private readonly report: OnProgress,
  ) {
    this.proof = {
      approach: id,
      stage,
      starts: 0,
      solved: 0,
      worst: 0,
      mean: 0,
      unsolved: null,
    };
  }

  add(start: Cube, attempt: Attempt): void {
    const { proof } = this;
    proof.starts++;
    if (++this.tried % BETWEEN_REPORTS === 0) this.report(this.tried, this.of);
    const turns = attempt(copyCube(start));
    if (turns === undefined) {
      proof.unsolved ??= start;
      return;
    }
    proof.solved++;
    this.total += turns;
    proof.worst = Math.max(proof.worst, turns);
  }

  done(): Proof {
    this.report(this.of, this.of);
    const { proof } = this;
    return { ...proof, mean: proof.solved > 0 ? this.total / proof.solved : 0 };
  }
}

/**
 * Tries every start of an approach's stage and checks that each ends with the stage's goal and all
 * earlier goals standing. For `pairs` a start is one pair's placement beside every set of finished
 * rooms, and turns are those of that pair.
 * @throws ApproachError when a case of the approach cannot be used.
 */
export function prove(
  approach: Approach,
  first: Side = UP,
  report: OnProgress = () => undefined,
): Proof {
  const groups = [...runnerFor(approach, first).tries()];
  const of = groups.reduce((sum, { count }) => sum + count, 0);
  const tally = new Tally(approach, of, report);
  for (const tries of groups) {
    for (let k = 0; k < tries.count; k++) tally.add(tries.cube(k), (cube) => turnsBy(tries, cube));
  }
  return tally.done();
}

/** The turns a try takes from a cube, which is done in place; undefined where it does not end. */
function turnsBy({ next, isDone }: Tries, cube: Cube): number | undefined {
  let hold: Hold = HOME_HOLD;
  let turns = 0;
  for (let looks = 0; !isDone(cube); looks++) {
    const choices = looks < MOST_LOOKS ? next(cube, hold, looks > 0) : [];
    if (choices.length === 0) return undefined;
    for (const choice of choices) {
      applyTurns(cube, choice.turns);
      turns += choice.turnCount;
      hold = choice.holdAfter;
    }
  }
  return turns;
}
