import { SIDE_LETTERS } from '../cube/index.js';
import { axisOf, isWholeCube, type Move, quartersOf } from './moves.js';

/** How turns are written for a reader: `R'`, `Ri`, or "right side, towards you". */
export const DIALECTS = ['prime', 'inverse', 'words'] as const;
export type Dialect = (typeof DIALECTS)[number];

/** What the words dialect calls each side, and where it goes for a clockwise and a reverse turn. */
export const SIDE_WORDS: readonly { name: string; way: readonly [string, string] }[] = [
  { name: 'top', way: ['to the left', 'to the right'] },
  { name: 'right side', way: ['away from you', 'towards you'] },
  { name: 'front', way: ['to the right', 'to the left'] },
  { name: 'bottom', way: ['to the right', 'to the left'] },
  { name: 'left side', way: ['towards you', 'away from you'] },
  { name: 'back', way: ['to the left', 'to the right'] },
];

const WHOLE_WORDS: readonly { name: string; way: readonly [string, string] }[] = [
  { name: 'whole cube', way: ['away from you', 'towards you'] },
  { name: 'whole cube', way: ['to the left', 'to the right'] },
  { name: 'whole cube', way: ['tipped to the right', 'tipped to the left'] },
];

const HALF = 'half way round';

function inWords(move: Move): string {
  const { name, way } = isWholeCube(move)
    ? WHOLE_WORDS[axisOf(move)]!
    : SIDE_WORDS[(move / 3) | 0]!;
  if (quartersOf(move) !== 2) return `${name}, ${quartersOf(move) === 1 ? way[0] : way[1]}`;
  return isWholeCube(move) ? `${name}, ${way[0]}, ${HALF}` : `${name}, ${HALF}`;
}

const SUFFIXES = { prime: ['', '2', "'"], inverse: ['', '2', 'i'] } as const;

/** One move in a dialect. */
export function writeMove(move: Move, dialect: Dialect): string {
  if (dialect === 'words') return inWords(move);
  const letter = isWholeCube(move) ? 'xyz'[axisOf(move)]! : SIDE_LETTERS[(move / 3) | 0]!;
  return letter + SUFFIXES[dialect][move % 3]!;
}

/** Moves in a dialect: letters with spaces between, words with semicolons. */
export const writeMoves = (moves: readonly Move[], dialect: Dialect = 'prime'): string =>
  moves.map((move) => writeMove(move, dialect)).join(dialect === 'words' ? '; ' : ' ');
