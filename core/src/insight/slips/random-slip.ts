import {
  DOWN,
  opposite,
  quartersOfTurn,
  type Random,
  type Side,
  sideOfTurn,
  SIDES,
  type Turn,
  TURN_COUNT,
  turnOf,
  TURNS,
  UP,
} from '../../puzzle/cube/index.js';
import {
  invertMove,
  isWholeCube,
  mirrorMoves,
  type Move,
  wholeTurn,
} from '../../puzzle/notation/index.js';
import { SLIP_KINDS, type SlipKind } from './kinds.js';
import { type MeantStep, runsOf } from './meant.js';
import { ROTATIONS } from './rotations.js';

/** The moves of a hand that slips once, in one of the ways of that kind; undefined if there is none. */
type Hand = (moves: readonly Move[], random: Random, step: MeantStep) => Move[] | undefined;

const pick = <T>(items: readonly T[], random: Random): T | undefined => items[random(items.length)];

/** Puts other moves for one that is picked among those a hand can get wrong so. */
const atOne =
  (
    can: (move: Turn, at: number, step: MeantStep) => boolean,
    instead: (move: Turn, random: Random) => Move[],
  ): Hand =>
  (moves, random, step) => {
    const picked = pick(
      moves.flatMap((move, k) =>
        !isWholeCube(move) && can(move, k, step) ? [{ move, at: k }] : [],
      ),
      random,
    );
    if (!picked) return undefined;
    const { move, at } = picked;
    return [...moves.slice(0, at), ...instead(move, random), ...moves.slice(at + 1)];
  };

const isQuarter = (move: Turn): boolean => quartersOfTurn(move) !== 2;
const rotation = (random: Random): readonly Move[] => pick(ROTATIONS, random)!.moves;

const onSide = (side: Side, move: Turn, random: Random): Move[] => [
  turnOf(side, random(2) === 0 ? quartersOfTurn(move) : 4 - quartersOfTurn(move)),
];

const inRuns =
  (change: (moves: readonly Move[], end: number, length: number) => Move[], least: number): Hand =>
  (moves, random, step) => {
    const run = pick(
      runsOf(step).filter(({ rounds }) => rounds >= least),
      random,
    );
    return run && change(moves, run.start + run.length * run.rounds, run.length);
  };

const HANDS: Record<SlipKind, Hand> = {
  reversed: atOne(isQuarter, (move) => [invertMove(move)]),
  'left-out': atOne(
    () => true,
    () => [],
  ),
  doubled: atOne(isQuarter, (move) => [move, move]),
  halved: atOne(
    (move) => !isQuarter(move),
    (move, random) => [turnOf(sideOfTurn(move), random(2) === 0 ? 1 : 3)],
  ),
  'mirrored-side': atOne(
    () => true,
    (move, random) => onSide(opposite(sideOfTurn(move)), move, random),
  ),
  'neighbour-side': atOne(
    () => true,
    (move, random) => {
      const side = sideOfTurn(move);
      const near = SIDES.filter((other) => other !== side && other !== opposite(side));
      return onSide(pick(near, random)!, move, random);
    },
  ),
  'whole-cube': atOne(
    () => true,
    (move) => {
      const side = sideOfTurn(move);
      // x goes as R does, y as U, z as F; across from them it is the other way round.
      const axis = [1, 0, 2][side % 3]!;
      const quarters = side < 3 ? quartersOfTurn(move) : 4 - quartersOfTurn(move);
      return [wholeTurn(axis, quarters)];
    },
  ),
  extra: (moves, random) => {
    const at = random(moves.length + 1);
    return [...moves.slice(0, at), TURNS[random(TURN_COUNT)]!, ...moves.slice(at)];
  },
  exchanged: (moves, random) => {
    if (moves.length < 2) return undefined;
    const at = random(moves.length - 1);
    return [...moves.slice(0, at), moves[at + 1]!, moves[at]!, ...moves.slice(at + 2)];
  },
  're-held': (moves, random) => {
    if (moves.length < 2) return undefined;
    const at = 1 + random(moves.length - 1);
    return [...moves.slice(0, at), ...rotation(random), ...moves.slice(at)];
  },
  'wrong-hold': (moves, random) => [...rotation(random), ...moves],
  'other-hand': (moves) => mirrorMoves(moves),
  'too-many-rounds': inRuns(
    (moves, end, length) => [
      ...moves.slice(0, end),
      ...moves.slice(end - length, end),
      ...moves.slice(end),
    ],
    1,
  ),
  'too-few-rounds': inRuns(
    (moves, end, length) => [...moves.slice(0, end - length), ...moves.slice(end)],
    2,
  ),
  'stopped-early': (moves, random) => moves.slice(0, random(moves.length)),
  'line-up-left-out': atOne(
    (move, at, { moves, lineUpCount }) =>
      at < lineUpCount ||
      (at === moves.length - 1 && at > 0 && [UP, DOWN].includes(sideOfTurn(move))),
    () => [],
  ),
};

/** What a hand does that slips once in a step, each kind that can happen there equally often. */
export function randomSlip(step: MeantStep, random: Random): { kind: SlipKind; did: Move[] } {
  for (;;) {
    const kind = pick(SLIP_KINDS, random)!;
    const did = HANDS[kind](step.moves, random, step);
    if (did) return { kind, did };
  }
}
