import { SIDE_LETTERS } from '../cube/index.js';
import { axisOf, isWholeCube, type Move, quartersOf } from './moves.js';
import { SAY } from './words.js';

/** How turns are written for a reader: `R'`, `Ri`, or "right side, towards you". */
export const DIALECTS = ['prime', 'inverse', 'words'] as const;
export type Dialect = (typeof DIALECTS)[number];

type Key = keyof typeof SAY &
  ('top' | 'front' | 'bottom' | 'back' | 'rightSide' | 'leftSide' | Way);
type Way =
  | 'toTheLeft'
  | 'toTheRight'
  | 'awayFromYou'
  | 'towardsYou'
  | 'tippedToTheRight'
  | 'tippedToTheLeft';

/** What a side is called, and where it goes for a clockwise and a reverse turn, once it is asked for. */
class SideWords {
  constructor(
    private readonly called: Key,
    private readonly ways: readonly [Way, Way],
  ) {}

  get name(): string {
    return SAY[this.called];
  }

  get way(): readonly [string, string] {
    return [SAY[this.ways[0]], SAY[this.ways[1]]];
  }
}

/** What the words dialect calls each side, and where it goes for a clockwise and a reverse turn. */
export const SIDE_WORDS: readonly SideWords[] = [
  new SideWords('top', ['toTheLeft', 'toTheRight']),
  new SideWords('rightSide', ['awayFromYou', 'towardsYou']),
  new SideWords('front', ['toTheRight', 'toTheLeft']),
  new SideWords('bottom', ['toTheRight', 'toTheLeft']),
  new SideWords('leftSide', ['towardsYou', 'awayFromYou']),
  new SideWords('back', ['toTheLeft', 'toTheRight']),
];

/** Where the whole cube goes, by its axis. */
const WHOLE_WAYS: readonly (readonly [Way, Way])[] = [
  ['awayFromYou', 'towardsYou'],
  ['toTheLeft', 'toTheRight'],
  ['tippedToTheRight', 'tippedToTheLeft'],
];

/** Where a turn goes, in words: "to the left", "half way round". */
export function wayInWords(move: Move): string {
  const isHalf = quartersOf(move) === 2;
  const back = quartersOf(move) === 1 ? 0 : 1;
  if (isWholeCube(move)) {
    const way = SAY[WHOLE_WAYS[axisOf(move)]![isHalf ? 0 : back]];
    return isHalf ? SAY.wayAndHalf({ way }) : way;
  }
  return isHalf ? SAY.halfWayRound : SIDE_WORDS[(move / 3) | 0]!.way[back];
}

function inWords(move: Move): string {
  const side = isWholeCube(move) ? SAY.wholeCube : SIDE_WORDS[(move / 3) | 0]!.name;
  return SAY.turn({ side, way: wayInWords(move) });
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
