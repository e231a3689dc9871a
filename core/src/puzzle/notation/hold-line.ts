import {
  type ColourScheme,
  type Cube,
  FRONT,
  type Hold,
  HOLDS,
  kindOfPlace,
  list,
  placeOfPiece,
  sideInHold,
  UP,
  whereInHold,
} from '../cube/index.js';
import { axisOf, holdAfter, isWholeCube, MOVES, quartersOf, type WholeTurn } from './moves.js';

/** How the cube comes from one hold into the next: in words, and as turns of the whole cube. */
export interface HoldLine {
  says: string;
  moves: readonly WholeTurn[];
}

/** A piece whose place is told anew once the cube is held otherwise. */
export interface HeldPiece {
  /** Numbered by its home place. */
  piece: number;
  colours: readonly string[];
}

/** What one turn of the whole cube does, by axis and quarters: said first, and said after another. */
const WAYS: readonly (readonly (readonly [string, string])[])[] = [
  [
    ['tip the whole cube back a quarter', 'tip it back a quarter'],
    ['turn the whole cube over backwards', 'turn it over backwards'],
    ['tip the whole cube a quarter to you', 'tip it a quarter to you'],
  ],
  [
    ['turn the whole cube a quarter to the left', 'turn it a quarter to the left'],
    ['turn the whole cube half way round', 'turn it half way round'],
    ['turn the whole cube a quarter to the right', 'turn it a quarter to the right'],
  ],
  [
    ['tip the whole cube a quarter to the right', 'tip it a quarter to the right'],
    ['turn the whole cube over sideways', 'turn it over sideways'],
    ['tip the whole cube a quarter to the left', 'tip it a quarter to the left'],
  ],
];

const WHOLE = MOVES.filter(isWholeCube);
// Of two, the one that brings another side up comes first: the second is then an easy one.
const LAST_UPRIGHT = [1, 2, 0];
const ORDER = [...WHOLE].sort((a, b) => LAST_UPRIGHT[axisOf(a)]! - LAST_UPRIGHT[axisOf(b)]!);

/** `FROM[before][hold]`: the fewest turns of the whole cube that lead there. */
const FROM: readonly (readonly (readonly WholeTurn[])[])[] = HOLDS.map((before) => {
  const ways = new Map<Hold, readonly WholeTurn[]>([[before, []]]);
  for (const [hold, way] of ways) {
    for (const move of ORDER) {
      const next = holdAfter(hold, move);
      if (!ways.has(next)) ways.set(next, [...way, move]);
    }
  }
  return HOLDS.map((hold) => ways.get(hold)!);
});

/** The turns of the whole cube that lead from one hold to another, at most two. */
export const wholeTurnsTo = (before: Hold, hold: Hold): readonly WholeTurn[] =>
  FROM[before]![hold]!;

/** How the whole cube is turned from one hold to another, in words; empty where it stays. */
export const wayTo = (before: Hold, hold: Hold): string =>
  wholeTurnsTo(before, hold)
    .map((move, k) => WAYS[axisOf(move)]![quartersOf(move) - 1]![k === 0 ? 0 : 1])
    .join(', then ');

/**
 * What a step says of the hold where it is another than before; null where it stays. A piece that
 * the step's `find` names by its colours is not named by them again; another is, or nobody would
 * know which is meant.
 */
export function holdLine(
  before: Hold,
  hold: Hold,
  scheme: ColourScheme,
  cube: Cube,
  pieces: readonly HeldPiece[],
  find: string,
): HoldLine | null {
  if (before === hold) return null;
  const moves = wholeTurnsTo(before, hold);
  const [up, front] = [scheme[sideInHold(hold, UP)]!, scheme[sideInHold(hold, FRONT)]!];
  const sameTop = sideInHold(before, UP) === sideInHold(hold, UP);
  const sameFront = sideInHold(before, FRONT) === sideInHold(hold, FRONT);
  const way = wayTo(before, hold);
  const sayings = sameTop
    ? [`${capital(way)}, so that ${front} is in front.`]
    : [
        `${capital(way)}.`,
        `${capital(up)} is then on top, and ${front} ${sameFront ? 'stays' : 'is'} in front.`,
      ];
  return { says: [...sayings, ...placesThen(hold, cube, pieces, find)].join(' '), moves };
}

const capital = (word: string): string => word[0]!.toUpperCase() + word.slice(1);

function placesThen(hold: Hold, cube: Cube, pieces: readonly HeldPiece[], find: string): string[] {
  const kinds = new Set(pieces.map(({ piece }) => kindOfPlace(piece)));
  if (kinds.size < pieces.length) return [];
  return pieces.map(({ piece, colours }) => {
    const [kind, named] = [kindOfPlace(piece), list(colours)];
    const which = find.includes(named) ? kind : `${named} ${kind}`;
    return `The ${which} is then ${whereInHold(hold, placeOfPiece(cube, piece))}.`;
  });
}
