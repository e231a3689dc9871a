import { quartersOfTurn, type Turn } from '../../puzzle/cube/index.js';
import { isWholeCube, type Move } from '../../puzzle/notation/index.js';
import { given } from './turn.js';

/** A sequence done turn by turn with its tiles in sight, or alone: a wrong turn is told, and tried again. */
export interface LedState {
  readonly moves: readonly Move[];
  readonly shownAt: number;
  /** How many of the moves are done. */
  readonly done: number;
  /** Quarters of the next one that are done: half of a half turn. */
  readonly partly: number;
  /** How many turns were other ones than was meant. */
  readonly slips: number;
  /** Whether the turn told last was another one. */
  readonly isWrong: boolean;
  /** Seconds from when it was shown until all was done; null until then. */
  readonly seconds: number | null;
}

export const begun = (moves: readonly Move[], shownAt: number): LedState => ({
  moves,
  shownAt,
  done: 0,
  partly: 0,
  slips: 0,
  isWrong: false,
  seconds: null,
});

/**
 * One turn, in the hold of the moment. Turns of the whole cube are taken as done before it. After a wrong turn what
 * was done of a half turn counts no more: it is turned whole, or in two quarters that follow each other.
 */
export function turned(state: LedState, turn: Turn, at: number): LedState {
  const { moves } = state;
  let next = state.done;
  while (next < moves.length && isWholeCube(moves[next]!)) next++;
  const meant = moves[next] as Turn | undefined;
  if (meant === undefined || state.seconds !== null) return state;
  const how = given(meant, state.partly, turn);
  if (how === 'wrong') return { ...state, partly: 0, slips: state.slips + 1, isWrong: true };
  if (how === 'half') return { ...state, partly: quartersOfTurn(turn), isWrong: false };
  const done = next + 1;
  const seconds = done < moves.length ? null : Math.round((at - state.shownAt) / 10) / 100;
  return { ...state, done, partly: 0, isWrong: false, seconds };
}
