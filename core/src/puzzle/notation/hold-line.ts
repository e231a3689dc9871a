import {
  type ColourScheme,
  type Cube,
  FRONT,
  type Hold,
  HOLDS,
  kindOfPlace,
  placeOfPiece,
  sideInHold,
  UP,
  whereInHold,
} from '../cube/index.js';
import { axisOf, holdAfter, isWholeCube, MOVES, quartersOf, type WholeTurn } from './moves.js';
import { SAY } from './words.js';
import { capitalised, listed } from '../../words/index.js';

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

/** The keys of the words for turning the whole cube. */
type Way = Extract<keyof typeof SAY, `${'tip' | 'turn'}${'It' | 'TheWholeCube'}${string}`>;

/** What one turn of the whole cube does, by axis and quarters: said first, and said after another. */
const WAYS: readonly (readonly (readonly [Way, Way])[])[] = [
  [
    ['tipTheWholeCubeBack', 'tipItBackAQuarter'],
    ['turnTheWholeCubeOver', 'turnItOverBackwards'],
    ['tipTheWholeCubeA', 'tipItAQuarterTo'],
  ],
  [
    ['turnTheWholeCubeA', 'turnItAQuarterTo'],
    ['turnTheWholeCubeHalf', 'turnItHalfWayRound'],
    ['turnTheWholeCubeAQuarter', 'turnItAQuarterToThe'],
  ],
  [
    ['tipTheWholeCubeAQuarter', 'tipItAQuarterToThe'],
    ['turnTheWholeCubeOverSideways', 'turnItOverSideways'],
    ['tipTheWholeCubeAQuarterTo', 'tipItAQuarterToTheLeft'],
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
export function wayTo(before: Hold, hold: Hold): string {
  const [one, other] = wholeTurnsTo(before, hold).map(
    (move, k) => SAY[WAYS[axisOf(move)]![quartersOf(move) - 1]![k === 0 ? 0 : 1]],
  );
  if (one === undefined) return '';
  return other === undefined ? one : SAY.bothWays({ one, other });
}

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
    ? [SAY.soThatIsInFront({ way: capitalised(way), front })]
    : [
        SAY.wayDone({ way: capitalised(way) }),
        SAY.isThenOnTop({ up: capitalised(up), front, stays: sameFront ? 'yes' : 'no' }),
      ];
  return { says: [...sayings, ...placesThen(hold, cube, pieces, find)].join(' '), moves };
}

function placesThen(hold: Hold, cube: Cube, pieces: readonly HeldPiece[], find: string): string[] {
  const kinds = new Set(pieces.map(({ piece }) => kindOfPlace(piece)));
  if (kinds.size < pieces.length) return [];
  return pieces.map(({ piece, colours }) => {
    const [kind, named] = [kindOfPlace(piece), listed(colours)];
    const which = find.includes(named) ? kind : `${named} ${kind}`;
    return SAY.theIsThen({ which, hold: whereInHold(hold, placeOfPiece(cube, piece)) });
  });
}
