import { opposite, quartersOfTurn, sideOfTurn, turnOf } from '../cube/index.js';
import { isWholeCube, type Move } from './moves.js';

/**
 * Fewer turns with the same effect: turns of one side that follow each other (or have only turns
 * of the opposite side between them) become one or none. Whole-cube turns are left where they are.
 */
export function simplifyMoves<M extends Move>(moves: readonly M[]): M[] {
  const kept: M[] = [];
  for (const move of moves) {
    if (isWholeCube(move)) {
      kept.push(move);
      continue;
    }
    const side = sideOfTurn(move);
    let at = kept.length - 1;
    const last = kept[at];
    if (last !== undefined && !isWholeCube(last) && sideOfTurn(last) === opposite(side)) at--;
    const earlier = kept[at];
    if (earlier === undefined || isWholeCube(earlier) || sideOfTurn(earlier) !== side) {
      kept.push(move);
      continue;
    }
    const quarters = (quartersOfTurn(earlier) + quartersOfTurn(move)) % 4;
    if (quarters === 0) kept.splice(at, 1);
    else kept[at] = turnOf(side, quarters) as M;
  }
  return kept;
}
