import {
  applyTurn,
  compose,
  composeInto,
  copyCube,
  type Cube,
  DOWN,
  type Hold,
  HOLD_COUNT,
  inverseTurn,
  opposite,
  PLACE_COUNT,
  quartersOfTurn,
  type Side,
  sideOfTurn,
  SIDES,
  solvedCube,
  type Turn,
  turnInHold,
  turnOf,
  TURNS,
  UP,
} from '../../puzzle/cube/index.js';
import {
  holdAfter,
  isWholeCube,
  mirrorMoves,
  type Move,
  ownTurns,
  wholeTurn,
} from '../../puzzle/notation/index.js';
import { reversedIs, type SlipKind, unusual } from './kinds.js';
import { type MeantStep, type Run, runsOf } from './meant.js';
import { ROTATIONS } from './rotations.js';

/** One way of going wrong at one place of a sequence. */
export interface Detour {
  kind: SlipKind;
  /** The move at which it begins, from 0, and the one with which one goes on. */
  at: number;
  next: number;
  /** What was done instead of the moves from `at` to `next`, read in the hold one has then. */
  did: readonly Move[];
  unusual: number;
}

/** What the detours at one place lead to, begun in one hold; in the order of the detours. */
export interface Outcomes {
  /** 20 bytes each: the cube that the detour and all that follows makes of a solved one. */
  effects: Uint8Array;
  /** The hold one goes on in. */
  holds: Uint8Array;
}

const MOST_ROUNDS = 2;
/** A turn of the whole cube that is part of a sequence is forgotten less often than a turn. */
const WHOLE_LEFT_OUT = 0.4;

/** `TURNED[turn]`: the solved cube after that turn. */
const TURNED: readonly Cube[] = TURNS.map((turn) => {
  const cube = solvedCube();
  applyTurn(cube, turn);
  return cube;
});

/**
 * A step's moves, with all ways of going wrong at each of them. What follows the step (later
 * steps, done as they were meant) is given by its effect.
 */
export class Sequence {
  private readonly rests = new Map<number, Cube>();
  private readonly known: Detour[][] = [];
  private readonly led = new Map<number, Outcomes>();
  private readonly runs: readonly Run[];

  constructor(
    readonly step: MeantStep,
    private readonly later: Cube,
    private readonly isLast: boolean,
  ) {
    this.runs = runsOf(step);
  }

  get length(): number {
    return this.step.moves.length;
  }

  /** The same step done with the other hand. */
  mirrored(): Sequence {
    const step = { ...this.step, moves: mirrorMoves(this.step.moves) };
    return new Sequence(step, this.later, this.isLast);
  }

  /** The effect of the moves from `at` to the end, begun in that hold, and of what follows. */
  rest(at: number, hold: Hold): Cube {
    if (at >= this.length) return this.later;
    const key = at * HOLD_COUNT + hold;
    let rest = this.rests.get(key);
    if (!rest) {
      const move = this.step.moves[at]!;
      const next = this.rest(at + 1, holdAfter(hold, move));
      rest = isWholeCube(move) ? next : compose(TURNED[turnInHold(hold, move)]!, next);
      this.rests.set(key, rest);
    }
    return rest;
  }

  /** Every way of going wrong just before or at a move. */
  detours(at: number): readonly Detour[] {
    return (this.known[at] ??= this.make(at));
  }

  /** What each of them leads to, begun in that hold. */
  outcomes(at: number, hold: Hold): Outcomes {
    const key = at * HOLD_COUNT + hold;
    let outcomes = this.led.get(key);
    if (!outcomes) this.led.set(key, (outcomes = this.lead(this.detours(at), hold)));
    return outcomes;
  }

  private lead(detours: readonly Detour[], start: Hold): Outcomes {
    const effects = new Uint8Array(detours.length * PLACE_COUNT);
    const holds = new Uint8Array(detours.length);
    detours.forEach(({ did, next }, k) => {
      const { turns, holdAfter: hold } = ownTurns(start, did);
      holds[k] = hold;
      let effect = this.rest(next, hold);
      while (turns.length > 1) effect = compose(TURNED[turns.pop()!]!, effect);
      const [first] = turns;
      if (first === undefined) effects.set(effect, k * PLACE_COUNT);
      else composeInto(TURNED[first]!, effect, effects, k * PLACE_COUNT);
    });
    return { effects, holds };
  }

  private make(at: number): Detour[] {
    const { step, length } = this;
    const detours: Detour[] = [];
    const add: Add = (kind, next, did, more = 0) => {
      detours.push({ kind, at, next, did, unusual: unusual(kind) + more });
    };
    const move = step.moves[at];
    if (move !== undefined) {
      if (!isWholeCube(move)) this.oneTurn(move, at, add);
      else add('left-out', at + 1, [], WHOLE_LEFT_OUT);
      this.exchanges(at, add);
      if (this.isLast) add('stopped-early', length, []);
      for (const { moves, unusual: more } of ROTATIONS) {
        add(at === 0 ? 'wrong-hold' : 're-held', at, moves, more);
      }
    }
    for (const turn of TURNS) add('extra', at, [turn]);
    this.rounds(at, add);
    if (at === 0) add('other-hand', length, mirrorMoves(step.moves));
    return detours;
  }

  private oneTurn(turn: Turn, at: number, add: Add): void {
    const [side, quarters] = [sideOfTurn(turn), quartersOfTurn(turn)];
    const instead = (kind: SlipKind, did: Move, more = 0): void => add(kind, at + 1, [did], more);
    if (quarters === 2) {
      instead('halved', turnOf(side, 1));
      instead('halved', turnOf(side, 3));
    } else {
      add('reversed', at + 1, [inverseTurn(turn)], reversedIs(side) - unusual('reversed'));
      instead('doubled', turnOf(side, 2));
    }
    add(this.linesUp(at, side) ? 'line-up-left-out' : 'left-out', at + 1, []);
    for (const other of SIDES) {
      if (other === side) continue;
      const kind = other === opposite(side) ? 'mirrored-side' : 'neighbour-side';
      instead(kind, turnOf(other, quarters));
      // Across from it, the same movement of the hand turns the other way.
      if (quarters !== 2) instead(kind, turnOf(other, 4 - quarters), 0.1);
    }
    const whole = WHOLE_LIKE[side]!(quarters);
    instead('whole-cube', whole);
  }

  /** Whether a turn lines a layer up: before the sequence, or top or bottom as its last turn. */
  private linesUp(at: number, side: Side): boolean {
    const { lineUpCount } = this.step;
    const last = at === this.length - 1 && (side === UP || side === DOWN);
    return at < lineUpCount || (last && this.length > 1);
  }

  private exchanges(at: number, add: Add): void {
    const { moves } = this.step;
    for (let other = at + 1; other < moves.length; other++) {
      if (moves[at] === moves[other]) continue;
      const between = moves.slice(at + 1, other);
      add('exchanged', other + 1, [moves[other]!, ...between, moves[at]!], 0.4 * between.length);
    }
  }

  private rounds(at: number, add: Add): void {
    const { step } = this;
    for (const { start, length, rounds } of this.runs) {
      const end = start + length * rounds;
      const once = step.moves.slice(start, start + length);
      for (let count = 1; count <= MOST_ROUNDS; count++) {
        const more = 0.5 * (count - 1);
        if (at === end && count <= rounds) {
          add('too-many-rounds', end, Array.from({ length: count }, () => once).flat(), more);
        }
        if (count < rounds && at === end - count * length) add('too-few-rounds', end, [], more);
      }
    }
  }
}

type Add = (kind: SlipKind, next: number, did: readonly Move[], more?: number) => void;

/** The turn of the whole cube that goes with a turn of one side, by side letter. */
const WHOLE_LIKE: readonly ((quarters: number) => Move)[] = [
  [1, 1],
  [0, 1],
  [2, 1],
  [1, -1],
  [0, -1],
  [2, -1],
].map(
  ([axis, sign]) =>
    (quarters: number) =>
      wholeTurn(axis!, (sign! * quarters + 4) % 4),
);

/** Walks the moves as meant from a place and a hold, and looks about at every place on the way. */
export function walkOn(
  sequence: Sequence,
  from: { at: number; hold: Hold; cube: Cube },
  look: (cube: Cube, at: number, hold: Hold) => void,
): void {
  const cube = copyCube(from.cube);
  let hold = from.hold;
  for (let at = from.at; at <= sequence.length; at++) {
    look(cube, at, hold);
    const move = sequence.step.moves[at];
    if (move === undefined) break;
    if (isWholeCube(move)) hold = holdAfter(hold, move);
    else applyTurn(cube, turnInHold(hold, move));
  }
}
