import { quartersOfTurn, sideOfTurn, type Turn } from '../../puzzle/cube/index.js';
import { isWholeCube, type Move } from '../../puzzle/notation/index.js';

/**
 * A sequence done from memory, turn by turn. The time runs from `shownAt`, when it was asked, and
 * ends with the last turn; the first wrong turn ends it.
 */
export interface TurnState {
  readonly sequence: readonly Move[];
  readonly shownAt: number;
  /** How many moves of the sequence are done. */
  readonly done: number;
  /** Quarters of the next one that are done: half of a half turn, to either side. */
  readonly partly: number;
  readonly ended:
    | { readonly right: true; readonly seconds: number }
    | { readonly right: false; readonly seconds: number; readonly did: Turn; readonly meant: Move }
    | null;
}

/** What turns a layer by itself: whole-cube moves are taken as done, since no layer shows them. */
export function asked(sequence: readonly Move[], shownAt: number): TurnState {
  return past({ sequence, shownAt, done: 0, partly: 0, ended: null });
}

/** How a turn that is told stands to the one that is meant. */
export type Given = 'whole' | 'half' | 'wrong';

/**
 * How a turn stands to the one meant, both read in the hold of the moment. A half turn may come as two quarters to
 * the same side; two quarters where one was meant are one too many.
 * @param partly quarters of the one meant that are done: half of a half turn
 */
export function given(meant: Turn, partly: number, turn: Turn): Given {
  if (sideOfTurn(turn) !== sideOfTurn(meant)) return 'wrong';
  const quarters = quartersOfTurn(turn);
  const wanted = quartersOfTurn(meant);
  if (partly === 0 && quarters === wanted) return 'whole';
  if (wanted !== 2 || quarters === 2) return 'wrong';
  if (partly === 0) return 'half';
  return partly === quarters ? 'whole' : 'wrong';
}

/** One turn, read in the hold of the moment. */
export function turned(state: TurnState, turn: Turn, at: number): TurnState {
  if (state.ended) return state;
  const meant = state.sequence[state.done] as Turn;
  const seconds = Math.round((at - state.shownAt) / 10) / 100;
  switch (given(meant, state.partly, turn)) {
    case 'whole':
      return ended(next(state), seconds);
    case 'half':
      return { ...state, partly: quartersOfTurn(turn) };
    case 'wrong':
      return { ...state, ended: { right: false, seconds, did: turn, meant } };
  }
}

const next = (state: TurnState): TurnState => past({ ...state, done: state.done + 1, partly: 0 });

/** Over the whole-cube moves that come next. */
function past(state: TurnState): TurnState {
  let { done } = state;
  while (done < state.sequence.length && isWholeCube(state.sequence[done]!)) done++;
  return { ...state, done };
}

const ended = (state: TurnState, seconds: number): TurnState =>
  state.done < state.sequence.length ? state : { ...state, ended: { right: true, seconds } };
