import { type Hold, HOLDS, HOME_HOLD } from '../../puzzle/cube/index.js';
import { axisOf, holdAfter, isWholeCube, type Move, MOVES } from '../../puzzle/notation/index.js';

/** A way of turning the whole cube: none, one or two moves. */
export interface Rotation {
  moves: readonly Move[];
  /** `to[hold]`: the hold afterwards. */
  to: Uint8Array;
  /** How much rarer it is than turning the cube about the upright axis. */
  unusual: number;
}

const WHOLE: readonly Move[] = MOVES.filter(isWholeCube);
const UPRIGHT = 1;

function rotation(moves: readonly Move[]): Rotation {
  const to = Uint8Array.from(HOLDS, (hold) => moves.reduce<Hold>(holdAfter, hold));
  const [first] = moves;
  const tipped = first !== undefined && axisOf(first) !== UPRIGHT ? 0.8 : 0;
  return { moves, to, unusual: tipped + 0.6 * Math.max(0, moves.length - 1) };
}

/** The 23 ways of turning the whole cube into another hold, each by as few moves as it takes. */
export const ROTATIONS: readonly Rotation[] = (() => {
  const byHold = new Map<Hold, Rotation>();
  const pairs = WHOLE.flatMap((a) => WHOLE.map((b) => [a, b]));
  for (const moves of [...WHOLE.map((move) => [move]), ...pairs]) {
    const made = rotation(moves);
    const hold = made.to[HOME_HOLD]! as Hold;
    if (hold !== HOME_HOLD && !byHold.has(hold)) byHold.set(hold, made);
  }
  return [...byHold.values()];
})();
