import { type ColourScheme, type Hold, solvedCube, type Turn } from '../../puzzle/cube/index.js';
import { invertMove, type Move } from '../../puzzle/notation/index.js';
import type { SlipKind } from './kinds.js';
import { Sequence } from './sequence.js';
import { tellSlip } from './tell-slip.js';

/** A turn that was not the one meant: what slipped, and what takes it back. */
export interface WrongTurn {
  readonly says: string;
  readonly back: Move;
}

/** Slips of one turn. */
const ONE_TURN: readonly SlipKind[] = [
  ...(['reversed', 'doubled', 'halved', 'mirrored-side', 'neighbour-side', 'extra'] as const),
];

/**
 * Tells the first wrong turn of a sequence as the likeliest slip of one turn that it can be. The
 * hold is that of the sequence's first turn.
 */
export function tellWrongTurn(
  sequence: readonly Move[],
  done: number,
  did: Turn,
  hold: Hold,
  scheme: ColourScheme,
): WrongTurn {
  // What comes after it was not done, and so nothing was exchanged with it.
  const step = { hold, moves: sequence.slice(0, done + 1), lineUpCount: 0 };
  const [slip] = new Sequence(step, solvedCube(), true)
    .detours(done)
    .filter(({ kind, did: moves }) => ONE_TURN.includes(kind) && moves[0] === did)
    .sort((a, b) => a.unusual - b.unusual);
  const { kind, at, next } = slip!;
  const told = { step: 0, kind, at, meant: step.moves.slice(at, next), did: [did] };
  return { says: tellSlip(told, step, scheme), back: invertMove(did) };
}
