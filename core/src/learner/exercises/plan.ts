import { copyCube, type Cube, type Hold } from '../../puzzle/cube/index.js';
import { applyMoves, countTurns, type Move } from '../../puzzle/notation/index.js';

/**
 * The first steps planned on a mixed cube that is only looked at. The look runs from `shownAt`; the
 * plan is told once, in turns read in the hold it was looked at in.
 */
export interface PlanState {
  readonly cube: Cube;
  readonly hold: Hold;
  /** Seconds one means to look at most; null for as long as one likes. */
  readonly allowed: number | null;
  readonly shownAt: number;
  readonly told: {
    /** How long was looked, seconds with hundredths, and whether that was longer than meant. */
    readonly seconds: number;
    readonly over: boolean;
    readonly turns: number;
    /** The cube that the turns lead to. */
    readonly cube: Cube;
  } | null;
}

export const looking = (
  cube: Cube,
  hold: Hold,
  allowed: number | null,
  shownAt: number,
): PlanState => ({ cube, hold, allowed, shownAt, told: null });

/** The plan is told; what is told later does not count. */
export function planned(state: PlanState, moves: readonly Move[], at: number): PlanState {
  if (state.told) return state;
  const cube = copyCube(state.cube);
  applyMoves(cube, state.hold, moves);
  const seconds = Math.max(0, Math.round((at - state.shownAt) / 10) / 100);
  const over = state.allowed !== null && seconds > state.allowed;
  return { ...state, told: { seconds, over, turns: countTurns(moves), cube } };
}
