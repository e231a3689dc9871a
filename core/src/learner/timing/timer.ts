import type { Stage } from '../../teaching/stages/index.js';
import type { Split } from '../log/index.js';

/** All times are milliseconds of one clock, whichever it is: nothing here reads a clock. */
export type Milliseconds = number;
export type Hand = 'left' | 'right';

/** Which hands lie on the timer: on two keys, two pads of the screen, or a table timer. */
export type Hands = Readonly<Record<Hand, boolean>>;

/**
 * A timed solve, from looking to stopping. `armed` says that both hands have left the timer since
 * the start, so that putting them down stops it.
 */
export type TimerState =
  | { readonly phase: 'idle'; readonly hands: Hands }
  | { readonly phase: 'looking'; readonly hands: Hands; readonly since: Milliseconds }
  | {
      readonly phase: 'running';
      readonly hands: Hands;
      readonly armed: boolean;
      readonly since: Milliseconds;
      /** When each stage ended, in order. */
      readonly marks: readonly Milliseconds[];
    }
  | {
      readonly phase: 'stopped';
      readonly hands: Hands;
      readonly since: Milliseconds;
      readonly until: Milliseconds;
      readonly marks: readonly Milliseconds[];
    };

export type TimerEvent =
  | { type: 'look'; at: Milliseconds }
  | { type: 'hand'; hand: Hand; down: boolean; at: Milliseconds }
  /** The stage under way is done. */
  | { type: 'mark'; at: Milliseconds }
  /** So many stages are done by now, as a turn-reporting cube tells. */
  | { type: 'done'; stages: number; at: Milliseconds }
  /** The last mark was made by mistake. */
  | { type: 'unmark' }
  /** Whatever was measured is given up. */
  | { type: 'reset' };

export interface TimerOptions {
  /** How many stages the method has: the last is ended by stopping. */
  stages: number;
  /** Whether hands start the timer without a look first. */
  look: boolean;
}

const UP: Hands = { left: false, right: false };
export const IDLE: TimerState = { phase: 'idle', hands: UP };

/** Whether letting go would start the timer. */
export const isReady = ({ phase, hands }: TimerState, { look }: TimerOptions): boolean =>
  hands.left && hands.right && (phase === 'looking' || (phase === 'idle' && !look));

/** The timer after an event. Events that mean nothing in a phase leave it as it is. */
export function timed(state: TimerState, event: TimerEvent, options: TimerOptions): TimerState {
  switch (event.type) {
    case 'reset':
      return { phase: 'idle', hands: state.hands };
    case 'look':
      return state.phase === 'idle'
        ? { phase: 'looking', hands: state.hands, since: event.at }
        : state;
    case 'hand':
      return handMoved(state, event, options);
    case 'mark':
      return state.phase === 'running' && state.marks.length < options.stages - 1
        ? { ...state, marks: [...state.marks, event.at] }
        : state;
    case 'done':
      return reached(state, event, options);
    case 'unmark':
      return state.phase === 'running' ? { ...state, marks: state.marks.slice(0, -1) } : state;
  }
}

function handMoved(
  state: TimerState,
  { hand, down, at }: Extract<TimerEvent, { type: 'hand' }>,
  options: TimerOptions,
): TimerState {
  if (state.hands[hand] === down) return state;
  const hands = { ...state.hands, [hand]: down };
  if (!down && isReady(state, options)) {
    return { phase: 'running', hands, armed: false, since: at, marks: [] };
  }
  if (state.phase !== 'running') return { ...state, hands };
  if (state.armed && hands.left && hands.right) {
    return { phase: 'stopped', hands, since: state.since, until: at, marks: state.marks };
  }
  return { ...state, hands, armed: state.armed || (!hands.left && !hands.right) };
}

/** Stages passed over were done by the same turn. One that is undone again stays marked. */
function reached(
  state: TimerState,
  { stages, at }: Extract<TimerEvent, { type: 'done' }>,
  options: TimerOptions,
): TimerState {
  if (state.phase !== 'running') return state;
  const missing = Math.min(stages, options.stages - 1) - state.marks.length;
  if (missing <= 0) return state;
  return { ...state, marks: [...state.marks, ...Array.from({ length: missing }, () => at)] };
}

/** Seconds with hundredths between two moments. */
export const secondsBetween = (since: Milliseconds, until: Milliseconds): number =>
  Math.round((until - since) / 10) / 100;

/**
 * How long each stage took. Marks are rounded to hundredths before they are taken from each other,
 * so that the stages add up to the whole. Where marks are missing, the last stages are not told.
 */
export function splitsOf(
  stages: readonly Stage[],
  { since, until, marks }: { since: number; until: number; marks: readonly Milliseconds[] },
): Split[] {
  const ends = marks.length === stages.length - 1 ? [...marks, until] : marks;
  const at = ends.map((end) => Math.round((end - since) / 10));
  return at.map((end, k) => ({
    stage: stages[k]!,
    time: (end - (at[k - 1] ?? 0)) / 100,
    turns: null,
  }));
}
