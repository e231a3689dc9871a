import {
  applyTurns,
  copyCube,
  type Cube,
  HOME_HOLD,
  isHome,
  type Side,
  UP,
} from '../../puzzle/cube/index.js';
import { pairTables, ROOM_COUNT } from '../../puzzle/search/index.js';
import { type Approach, isSearch } from '../../teaching/approaches/index.js';
import { goalHolds, type Stage } from '../../teaching/stages/index.js';
import {
  type PairsRunner,
  pairStarts,
  runnerFor,
  runStage,
  startsOf,
  type OnProgress,
} from '../run/index.js';

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
  if (isSearch(approach) && approach.search === 'pairs') return provePairs(approach, first, report);
  const runner = runnerFor(approach, first);
  const starts = startsOf(approach.stage, approach.after, first);
  const tally = new Tally(approach, starts.count, report);
  const attempt: Attempt = (cube) => {
    let turns = 0;
    const count = (choice: { turnCount: number }): void => void (turns += choice.turnCount);
    const end = runStage(cube, HOME_HOLD, runner, first, count, starts.matter);
    return typeof end === 'string' ? undefined : turns;
  };
  for (let k = 0; k < starts.count; k++) tally.add(starts.cube(k), attempt);
  return tally.done();
}

function provePairs(approach: Approach, first: Side, report: OnProgress): Proof {
  const runner = runnerFor(approach, first) as PairsRunner;
  const { rooms } = pairTables(first);
  const tries = rooms.flatMap((_, room) =>
    Array.from({ length: 1 << ROOM_COUNT }, (_, closed) => closed)
      .filter((closed) => ((closed >> room) & 1) === 0)
      .map((closed) => ({ room, closed, starts: pairStarts(rooms, room, closed, first) })),
  );
  const of = tries.reduce((sum, { starts }) => sum + starts.count, 0);
  const tally = new Tally(approach, of, report);
  for (const { room, closed, starts } of tries) {
    const finished = rooms.filter((_, k) => k === room || (closed >> k) & 1);
    const attempt: Attempt = (cube) => {
      const plan = runner.planFor(cube, room, closed);
      for (const { turns } of plan) applyTurns(cube, turns);
      const home = finished.every(({ corner, edge }) => isHome(cube, corner) && isHome(cube, edge));
      if (!home || !goalHolds(cube, 'cross', first)) return undefined;
      return plan.reduce((sum, { turnCount }) => sum + turnCount, 0);
    };
    for (let k = 0; k < starts.count; k++) tally.add(starts.cube(k), attempt);
  }
  return tally.done();
}
