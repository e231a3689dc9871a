import type { ColourScheme } from '../cube/colours.js';
import type { Hold } from '../cube/holds.js';
import { paintedFromCube } from '../cube/painted.js';
import { copyCube } from '../cube/cube.js';
import { randomCube, randomFrom } from '../cube/random.js';
import type { Turn } from '../cube/turns.js';
import { applyMoves, invertMove, type Move } from '../notation/moves.js';
import { explain, type Slip } from './explain.js';
import type { SlipKind } from './kinds.js';
import { tellSlip } from './tell-slip.js';

/** A turn that was not the one meant: what slipped, and what takes it back. */
export interface WrongTurn {
  readonly says: string;
  readonly back: Move;
}

/**
 * Tells the first wrong turn of a sequence as any slip is told: by what the cube looks like after it.
 * The hold is that of the sequence's first turn.
 */
export function tellWrongTurn(
  sequence: readonly Move[],
  done: number,
  did: Turn,
  hold: Hold,
  scheme: ColourScheme,
): WrongTurn {
  // Any mixed cube: on a solved one different turns may look alike.
  const before = randomCube(randomFrom(MIXED));
  const cube = copyCube(before);
  applyMoves(cube, hold, [...sequence.slice(0, done), did]);
  const step = { hold, moves: sequence.slice(0, done + 1), lineUpCount: 0 };
  const explained = explain(before, [step], paintedFromCube(cube));
  const all = explained.kind === 'explained' ? explained.explanations : [];
  // All turns before it are known to be right, so it is a slip of this one turn.
  const slip = all.find(({ slips: [first, more] }) => !more && isOf(first!, done))?.slips[0];
  const says = slip ? tellSlip(slip, step, scheme) : `Turn ${done + 1} was another one.`;
  return { says, back: invertMove(did) };
}

const MIXED = 4180;

/** Slips of one turn. */
const ONE_TURN: readonly SlipKind[] = [
  ...(['reversed', 'doubled', 'halved', 'mirrored-side', 'neighbour-side', 'extra'] as const),
];

const isOf = ({ kind, at }: Slip, done: number): boolean => at === done && ONE_TURN.includes(kind);
