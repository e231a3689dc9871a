import type { Position } from '@sleetcrest/contract';
import {
  applyMoves,
  type ColourScheme,
  copyCube,
  type Cube,
  cubeFromPainted,
  type HeldPiece,
  type Hold,
  holdLine,
  HOME_HOLD,
  isWholeCube,
  type Move,
  ownTurns,
  placeOfPiece,
  placeOnSides,
  PLACES,
  readCubeDocument,
  readStep,
  sideOfColour,
  type Stage,
  stageWords,
  type Step,
  STICKER_TARGETS,
  type Walkthrough,
} from '@sleetcrest/core';

/** One step of the walk made ready to be shown. */
export interface StepFrame {
  step: Step;
  /** The hold the reader has before the step. */
  held: Hold;
  hold: Hold;
  /** What is said of the new hold; null where the hold stays. */
  holdLine: string | null;
  /** The hold at its end: another one when a sequence turns the whole cube. */
  holdAfter: Hold;
  /** Turning the whole cube to the hold, lining up, then the sequence. */
  moves: readonly Move[];
  /** How many of the moves turn the whole cube to the hold, before all others. */
  holdCount: number;
  /** How many of the moves after those are lining up. */
  lineUpCount: number;
  /** The cube before the step. */
  cube: Cube;
  /** The turns of all steps before it. */
  turnsBefore: number;
  turns: number;
  /** How long one round of a repeated sequence is; 0 when it is done once. */
  round: number;
}

/** A walkthrough laid out so that any position in it can be looked up. */
export interface Timeline {
  scheme: ColourScheme;
  frames: readonly StepFrame[];
  end: Cube;
  turnCount: number;
}

/** @throws Error when the walkthrough is not one that core made. */
export function layOut(walk: Walkthrough): Timeline {
  const read = readCubeDocument(walk.start);
  if (!read.ok) throw new Error(read.error.message);
  const { painted, scheme } = read.value;
  const cube = cubeFromPainted(painted);
  let turnsBefore = 0;
  let held: Hold = HOME_HOLD;
  const frames = walk.steps.map((step): StepFrame => {
    const { hold, lineUp, sequence } = readStep(step, scheme);
    const line = holdLine(held, hold, scheme, cube, piecesOf(step, scheme), step.find);
    const toHold = line?.moves ?? [];
    const moves = [...toHold, ...lineUp, ...sequence];
    const turns = moves.filter((move) => !isWholeCube(move)).length;
    const round = roundOf(sequence);
    const before = copyCube(cube);
    const holdAfter = applyMoves(cube, held, moves);
    const frame: StepFrame = {
      step,
      held,
      hold,
      holdLine: line?.says ?? null,
      holdAfter,
      moves,
      holdCount: toHold.length,
      lineUpCount: lineUp.length,
      round,
      cube: before,
      turnsBefore,
      turns,
    };
    turnsBefore += turns;
    held = holdAfter;
    return frame;
  });
  return { scheme, frames, end: cube, turnCount: turnsBefore };
}

/** The pieces a step is about. */
const piecesOf = ({ pieces }: Step, scheme: ColourScheme): HeldPiece[] =>
  pieces.map((colours) => ({
    piece: placeOnSides(colours.map((colour) => sideOfColour(scheme, colour)))!.index,
    colours,
  }));

/** How many moves of a sequence make one round when it is the same moves over and over; else 0. */
function roundOf(sequence: readonly Move[]): number {
  for (let round = 2; round <= sequence.length / 2; round++) {
    const again = sequence.every((move, k) => move === sequence[k % round]);
    if (again && sequence.length % round === 0) return round;
  }
  return 0;
}

/** The cube and the hold at a position. */
export function stateAt(timeline: Timeline, { step, turn }: Position): { cube: Cube; hold: Hold } {
  const frame = timeline.frames[step];
  if (!frame) {
    const last = timeline.frames.at(-1);
    return { cube: timeline.end, hold: last?.holdAfter ?? HOME_HOLD };
  }
  const cube = copyCube(frame.cube);
  const hold = applyMoves(cube, frame.held, frame.moves.slice(0, turn));
  return { cube, hold };
}

const movesAt = (timeline: Timeline, step: number): number =>
  timeline.frames[step]?.moves.length ?? 0;

/**
 * One turn on. After a step's last turn one stands at its end, to see what became of it; the next
 * turn on leads to the step after it. After the last step of all there is only the solved cube.
 */
export function forward(timeline: Timeline, { step, turn }: Position): Position {
  const { frames } = timeline;
  if (step >= frames.length) return { step, turn };
  const moves = movesAt(timeline, step);
  const last = step === frames.length - 1;
  if (turn < moves - (last ? 1 : 0)) return { step, turn: turn + 1 };
  return { step: step + 1, turn: 0 };
}

/** One turn back. */
export function back(timeline: Timeline, { step, turn }: Position): Position {
  if (turn > 0) return { step, turn: turn - 1 };
  if (step === 0) return { step, turn };
  const before = step - 1;
  const atEnd = step === timeline.frames.length;
  return { step: before, turn: movesAt(timeline, before) - (atEnd ? 1 : 0) };
}

/** A position that exists in this walk. */
export function within(timeline: Timeline, { step, turn }: Position): Position {
  if (step >= timeline.frames.length) return { step: timeline.frames.length, turn: 0 };
  return { step, turn: Math.min(turn, movesAt(timeline, step)) };
}

/** The turns done at a position. */
export function turnsDone(timeline: Timeline, { step, turn }: Position): number {
  const frame = timeline.frames[step];
  if (!frame) return timeline.turnCount;
  const here = frame.moves.slice(0, turn).filter((move) => !isWholeCube(move)).length;
  return frame.turnsBefore + here;
}

/** A stage of the method, and how far the walk has come in it. */
export interface StageWalked {
  id: Stage;
  title: string;
  /** Where there is little room. */
  short: string;
  turns: number;
  state: 'walked' | 'here' | 'ahead';
  /** How much of it is walked, 0…1. */
  fraction: number;
  /** The step it begins with. */
  firstStep: number;
}

/** The stages of a method on the ridge, at a position; with the step each begins with. */
export function ridgeOf(
  walk: Walkthrough,
  timeline: Timeline,
  position: Position,
  stages: readonly Stage[],
): StageWalked[] {
  const { frames } = timeline;
  const done = turnsDone(timeline, position);
  const first = sideOfColour(timeline.scheme, walk.firstColour);
  const here = frames[position.step]?.step.stage;
  let firstStep = 0;
  return stages.map((stage) => {
    const mine = frames.filter((frame) => frame.step.stage === stage);
    const turns = mine.reduce((sum, frame) => sum + frame.turns, 0);
    const before = mine[0]?.turnsBefore ?? 0;
    firstStep = mine[0] ? frames.indexOf(mine[0]) : firstStep;
    const ahead = mine.length > 0 && position.step < firstStep;
    const state = stage === here ? 'here' : ahead ? 'ahead' : 'walked';
    const fraction = turns > 0 ? Math.max(0, Math.min(1, (done - before) / turns)) : 1;
    const { title, short } = stageWords(stage, first, timeline.scheme);
    return { id: stage, title, short, turns, state, fraction, firstStep } as const;
  });
}

/**
 * The stickers of the cube to be looked at, at a position: those of the pieces to be found while it
 * is held as before, then those that decide the case, until the sequence begins; both at once where the
 * cube is not held otherwise.
 */
export function lookedAt(
  { frames, scheme }: Timeline,
  { step, turn }: Position,
  deciding: readonly (readonly number[])[],
  sought: readonly (readonly number[])[],
): number[] {
  const frame = frames[step];
  if (!frame || turn > frame.holdCount + frame.lineUpCount) return [];
  const named = piecesOf(frame.step, scheme).map(({ piece }) => piece);
  const found = [...named, ...(sought[step] ?? [])].flatMap((piece) => [
    ...PLACES[placeOfPiece(frame.cube, piece)]!.stickers,
  ]);
  if (turn < frame.holdCount) return found;
  const { turns } = ownTurns(frame.hold, frame.moves.slice(frame.holdCount, turn));
  const decides = (deciding[step] ?? []).map((sticker) =>
    turns.reduce((now, done) => STICKER_TARGETS[done]![now]!, sticker),
  );
  return turn === 0 ? [...new Set([...found, ...decides])] : decides;
}
