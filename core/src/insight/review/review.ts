import {
  type Colour,
  type ColourScheme,
  fail,
  type Hold,
  isSolved,
  ok,
  type Result,
  type Side,
  sideOfColour,
  turnSeenInHold,
} from '../../puzzle/cube/index.js';
import { readMoves, writeMove, writeMoves } from '../../puzzle/notation/index.js';
import type { WayTables } from '../../puzzle/search/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { goalHolds, type Stage } from '../../teaching/stages/index.js';
import { resolveMethod } from '../../engine/run/index.js';
import { type Advice, adviceOn } from './advice.js';
import { countDone, followSolve } from './done-turns.js';
import { type InferredStage, inferStages } from './infer.js';
import type { Answered } from './looks.js';
import { firstSideOf } from './stage-orders.js';
import { type Waste, wasteIn } from './waste.js';
import {
  methodLastLayer,
  methodWay,
  shortestLastLayer,
  shortestThrough,
  type ShortestWay,
  type StageWay,
} from './ways.js';
import { SAY } from './words.js';

/** What a review is made from. */
export interface SolveDone {
  /** Turns from the solved cube, and what was turned after them, in any dialect. */
  scramble: string;
  turns: string;
  /** The method one learns by, and the colour one usually begins with. */
  method: Method;
  firstColour: Colour;
  scheme: ColourScheme;
}

interface ReviewedLook {
  from: number;
  to: number;
  turnCount: number;
  case: string | null;
  title: string | null;
  answered: Answered;
  taught: number | null;
}

/** One stage of a solve as it was done, and what could be set beside it. */
export interface ReviewedStage {
  stage: Stage;
  reached: boolean;
  from: number;
  to: number;
  turnCount: number;
  /** The approach that explains it best, and the share of its turns that it explains. */
  approach: { id: string; title: string };
  fit: number;
  looks: ReviewedLook[];
  /** The chosen method's way; null where that takes its stages otherwise. */
  method: StageWay | null;
  shortest: ShortestWay | null;
}

/** A solve taken apart. Positions count turns as they came; counts take two quarters as one. */
export interface Review {
  /** The colour that was solved first. */
  first: Side;
  finished: boolean;
  turnCount: number;
  /** The turns in the hold each was done in, in the prime dialect. */
  turns: string[];
  /** Where each turn was done from, for showing the cube there. */
  holds: Hold[];
  stages: ReviewedStage[];
  /** From both lower layers done to the end; null where it did not come so far. */
  lastLayer: {
    from: number;
    turnCount: number;
    method: StageWay | null;
    shortest: ShortestWay;
  } | null;
  wastes: Waste[];
  advice: Advice[];
}

/** Takes a solve apart. Turns that cannot be read are refused with a sentence. */
export function reviewSolve(done: SolveDone, tables: WayTables): Result<Review, string> {
  const { method, scheme } = done;
  const scramble = readMoves(done.scramble);
  if (!scramble.ok) return fail(SAY.theScramble({ message: scramble.error.message }));
  const moves = readMoves(done.turns);
  if (!moves.ok) return fail(SAY.theTurns({ message: moves.error.message }));
  const solve = followSolve(scramble.value, moves.value);
  if (solve.turns.length === 0) return fail(SAY.thereAreNoTurnsTo);
  if (isSolved(solve.cubes[0]!)) {
    return fail(SAY.theScrambleLeavesTheCube);
  }
  const first = firstSideOf(solve.cubes, sideOfColour(scheme, done.firstColour));
  const approaches = resolveMethod(method);
  const usual = approaches.ok ? approaches.value.map(({ id }) => id) : [];
  const stages = inferStages(solve, first, scheme, usual);
  const wastes = wasteIn(solve, stages, first, scheme);

  /** What was done may be shorter than every approach: then that is the best known. */
  const shortestOf = (stage: InferredStage['stretch'], done: number): ShortestWay | null => {
    const known = shortestThrough(stage, solve.cubes[stage.from]!, first, scheme);
    if (!stage.reached || (known && known.turnCount <= done)) return known;
    const turns = writeMoves(solve.turns.slice(stage.from, stage.to));
    return { turns, turnCount: done, exact: false, approach: null };
  };
  const reviewed = ({ stretch, reading }: InferredStage): ReviewedStage => {
    const start = solve.cubes[stretch.from]!;
    const turnCount = countDone(solve, stretch.from, stretch.to);
    return {
      stage: stretch.stage,
      reached: stretch.reached,
      from: stretch.from,
      to: stretch.to,
      turnCount,
      approach: { id: reading.approach.id, title: reading.approach.title },
      fit: reading.fit,
      looks: reading.looks.map(({ case: met, ...look }) => ({
        ...look,
        turnCount: countDone(solve, look.from, look.to),
        case: met?.id ?? null,
        title: met?.title ?? null,
      })),
      method: methodWay(method, stretch, start, first, scheme),
      shortest: shortestOf(stretch, turnCount),
    };
  };
  const last = solve.cubes.findIndex((cube) => goalHolds(cube, 'middle', first));
  const end = solve.cubes.length - 1;
  const lastLayer = last < 0 || !isSolved(solve.cubes[end]!) ? null : solve.cubes[last]!;
  return ok({
    first,
    finished: isSolved(solve.cubes[end]!),
    turnCount: countDone(solve, 0, end),
    turns: solve.turns.map((turn, k) => writeMove(turnSeenInHold(solve.holds[k]!, turn), 'prime')),
    holds: [...solve.holds],
    stages: stages.map(reviewed),
    lastLayer: lastLayer && {
      from: last,
      turnCount: countDone(solve, last, end),
      method: methodLastLayer(method, lastLayer, first, scheme),
      shortest: shortestLastLayer(lastLayer, tables),
    },
    wastes,
    advice: adviceOn(solve, stages, wastes, first, scheme),
  });
}
