import type { Approach } from '../approaches/approach.js';
import { copyCube, paintStickers, pieceAt, type Cube } from '../cube/cube.js';
import type { Hold } from '../cube/holds.js';
import { STICKER_COUNT } from '../cube/painted.js';
import { PLACES } from '../cube/pieces.js';
import { UP, type Side } from '../cube/sides.js';
import { applyTurns } from '../cube/turns.js';
import { goalHolds } from '../stages/goals.js';
import type { Stage } from '../stages/stages.js';
import { UNPAINTED } from './compile.js';
import { runnerFor, type StageRunner } from './stage-runner.js';
import { startsOf, usualStageBefore } from './starts.js';

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

/** More steps than any stage needs; going on longer is going round in a circle. */
const MOST_STEPS = 40;

/** Paints the pieces that matter; the others are left unpainted, so that nothing can rely on them. */
export function paintWhatMatters(
  cube: Cube,
  matter: ReadonlySet<number>,
  stickers: Uint8Array,
): void {
  paintStickers(cube, stickers);
  for (const place of PLACES) {
    if (matter.has(pieceAt(cube, place.index))) continue;
    for (const sticker of place.stickers) stickers[sticker] = UNPAINTED;
  }
}

/** Turns needed from this start, or undefined when the goal is not reached. */
function turnsToGoal(
  cube: Cube,
  runner: StageRunner,
  first: Side,
  matter: ReadonlySet<number>,
  stickers: Uint8Array,
): number | undefined {
  let turns = 0;
  let hold: Hold | undefined;
  for (let steps = 0; !goalHolds(cube, runner.approach.stage, first); steps++) {
    if (steps === MOST_STEPS) return undefined;
    paintWhatMatters(cube, matter, stickers);
    const variant = runner.choose(stickers, hold, steps > 0);
    if (!variant) return undefined;
    applyTurns(cube, variant.turns);
    turns += variant.turnCount;
    hold = variant.holdAfter;
  }
  return turns;
}

/**
 * Tries every start of an approach's stage and checks that each ends with the stage's goal and all
 * earlier goals standing. `before` is the stage done just before; by default the usual one.
 */
export function prove(
  approach: Approach,
  first: Side = UP,
  before: Stage | undefined = usualStageBefore(approach.stage),
): Proof {
  const runner = runnerFor(approach, first);
  const { matter, cubes } = startsOf(approach.stage, before, first);
  const stickers = new Uint8Array(STICKER_COUNT);
  const proof: Proof = {
    approach: approach.id,
    stage: approach.stage,
    starts: 0,
    solved: 0,
    worst: 0,
    mean: 0,
    unsolved: null,
  };
  let total = 0;
  for (const start of cubes()) {
    proof.starts++;
    const turns = turnsToGoal(copyCube(start), runner, first, matter, stickers);
    if (turns === undefined) {
      proof.unsolved ??= start;
      continue;
    }
    proof.solved++;
    total += turns;
    proof.worst = Math.max(proof.worst, turns);
  }
  return { ...proof, mean: proof.solved > 0 ? total / proof.solved : 0 };
}
