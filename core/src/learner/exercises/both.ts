import {
  applyTurn,
  copyCube,
  type Cube,
  type Hold,
  sameCube,
  type Turn,
} from '../../puzzle/cube/index.js';

/**
 * A case on a cube in hand, from its set-up to its end. Set-up turns are given; once the cube shows
 * the case the time runs, until the cube is as it should be, or one says that one is done.
 */
export interface BothState {
  readonly start: Cube;
  /** Cubes any of which is right in the end: the case may be done in several ways. */
  readonly ends: readonly Cube[];
  readonly hold: Hold;
  readonly cube: Cube;
  readonly phase: 'setting-up' | 'waiting' | 'turning' | 'ended';
  readonly shownAt: number;
  readonly turns: number;
  readonly seconds: number;
  readonly right: boolean;
}

/** A cube that tells its turns is set up from where it stands; one that does not is said to be ready. */
export const settingUp = (
  cube: Cube,
  start: Cube,
  ends: readonly Cube[],
  hold: Hold,
): BothState => ({
  cube: copyCube(cube),
  start,
  ends,
  hold,
  phase: 'setting-up',
  shownAt: 0,
  turns: 0,
  seconds: 0,
  right: false,
});

/** The cube stands as it was to be set up. */
export const ready = (state: BothState, at: number): BothState =>
  state.phase === 'setting-up'
    ? { ...state, cube: copyCube(state.start), phase: 'waiting', shownAt: at }
    : state;

/** A turn of the cube's own sides. */
export function cubeTurned(state: BothState, turn: Turn, at: number): BothState {
  if (state.phase === 'ended') return state;
  const cube = copyCube(state.cube);
  applyTurn(cube, turn);
  if (state.phase === 'setting-up') {
    const now = { ...state, cube };
    return sameCube(cube, state.start) ? ready(now, at) : now;
  }
  const now: BothState = { ...state, cube, phase: 'turning', turns: state.turns + 1 };
  return state.ends.some((end) => sameCube(end, cube)) ? over(now, true, at) : now;
}

/** One says how it went, on a cube that tells nothing, or gives up. */
export const saidDone = (state: BothState, right: boolean, at: number): BothState =>
  state.phase === 'waiting' || state.phase === 'turning' ? over(state, right, at) : state;

const over = (state: BothState, right: boolean, at: number): BothState => ({
  ...state,
  phase: 'ended',
  right,
  seconds: Math.round((at - state.shownAt) / 10) / 100,
});
