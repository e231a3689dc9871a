export { type HeldPiece, holdLine, wayTo } from './hold-line.js';
export { mirrorMoves } from './mirror.js';
export {
  applyMoves,
  axisOf,
  countTurns,
  cubeAfter,
  holdAfter,
  invertMove,
  invertMoves,
  isWholeCube,
  type Move,
  MOVES,
  ownTurns,
  quartersOf,
  wholeTurn,
} from './moves.js';
export { knownMoves, readMoves } from './read.js';
export { simplifyMoves } from './simplify.js';
export { type Dialect, DIALECTS, SIDE_WORDS, wayInWords, writeMove, writeMoves } from './write.js';
