import type { ColourScheme } from './colours.js';
import { isOdd } from './laws.js';
import { CORNERS, EDGES, PLACES } from './pieces.js';
import { seenAt, UNSEEN, type Painted, type SeenPiece } from './painted.js';
import { SIDES } from './sides.js';
import { betweenWords, joinColours, kindOfPlace, list, pieceColours } from './words.js';

export const PROBLEM_KINDS = [
  'colour-count',
  'no-such-piece',
  'same-piece-twice',
  'mirrored-corner',
  'flipped-edge',
  'twisted-corner',
  'swapped-pieces',
  'unseen',
] as const;
export type ProblemKind = (typeof PROBLEM_KINDS)[number];

/** One way in which a painted cube is wrong. */
export interface Problem {
  kind: ProblemKind;
  /** The pieces concerned, each by its colours (a single colour where only that is miscounted). */
  pieces: string[][];
  /** The stickers to mark, by number. */
  stickers: number[];
  /** What is wrong, in a sentence. */
  says: string;
  /** What to do about it, in a sentence. */
  repair: string;
}

const SMALL_PARTS = 'Keep the loose parts away from small children.';

/**
 * Everything wrong with a painted cube; empty for a legal one.
 *
 * Stickers are judged first, then pieces, and only a cube of twenty sound pieces is asked whether
 * turns can solve it: whether the flips, the twists and the swaps each add up.
 */
export function findProblems(painted: Painted, scheme: ColourScheme): Problem[] {
  const seen = PLACES.map((place) => seenAt(painted, place.index));
  const problems = [
    ...miscounted(painted, scheme),
    ...unknownPieces(painted, seen, scheme),
    ...repeatedPieces(seen, scheme),
    ...unseenPieces(seen, scheme),
  ];
  return problems.length > 0 ? problems : unsolvable(seen as Sound[], scheme);
}

type Sound = Extract<SeenPiece, { kind: 'piece' }>;

function miscounted(painted: Painted, scheme: ColourScheme): Problem[] {
  const counts = SIDES.map((side) => painted.filter((colour) => colour === side).length);
  const complete = !painted.includes(UNSEEN);
  const over = SIDES.filter((side) => counts[side]! > 9);
  const under = complete ? SIDES.filter((side) => counts[side]! < 9) : [];
  if (over.length + under.length === 0) return [];
  const count = (side: number): string => `${counts[side]} ${scheme[side]}`;
  const names = (sides: number[]): string => list(sides.map((side) => scheme[side]!));
  return [
    {
      kind: 'colour-count',
      pieces: [...over, ...under].map((side) => [scheme[side]!]),
      stickers: [],
      says: `Every colour has nine stickers, but there are ${list([...over, ...under].map(count))}.`,
      repair:
        under.length > 0
          ? `Look for a ${names(over)} sticker that should be ${names(under)}.`
          : `Look again at the ${names(over)} stickers: one of them is another colour.`,
    },
  ];
}

function unknownPieces(painted: Painted, seen: SeenPiece[], scheme: ColourScheme): Problem[] {
  return seen.flatMap((found, index): Problem[] => {
    const stickers = [...PLACES[index]!.stickers];
    const where = betweenWords(index, scheme);
    const kind = kindOfPlace(index);
    if (found.kind === 'none') {
      const colours = stickers
        .filter((s) => painted[s] !== UNSEEN)
        .map((s) => scheme[painted[s]!]!);
      return [
        {
          kind: 'no-such-piece',
          pieces: [colours],
          stickers,
          says: `The ${kind} ${where} is painted ${joinColours(colours)}, and no ${kind} has those colours.`,
          repair: `Look again at the ${stickers.length === 3 ? 'three' : 'two'} stickers ${where}.`,
        },
      ];
    }
    if (found.kind === 'mirrored') {
      const colours = pieceColours(found.piece, scheme);
      return [
        {
          kind: 'mirrored-corner',
          pieces: [colours],
          stickers,
          says: `The ${joinColours(colours)} corner ${where} is painted the wrong way round, as in a mirror.`,
          repair: `Two of its three stickers are exchanged: read the corner ${where} again.`,
        },
      ];
    }
    return [];
  });
}

function repeatedPieces(seen: SeenPiece[], scheme: ColourScheme): Problem[] {
  return PLACES.flatMap(({ index: piece }): Problem[] => {
    const places = PLACES.filter(({ index }) => {
      const found = seen[index]!;
      return found.kind === 'piece' && found.piece === piece;
    });
    if (places.length < 2) return [];
    const colours = pieceColours(piece, scheme);
    const where = list(places.map(({ index }) => betweenWords(index, scheme)));
    return [
      {
        kind: 'same-piece-twice',
        pieces: [colours],
        stickers: places.flatMap((place) => place.stickers),
        says: `There is only one ${joinColours(colours)} ${kindOfPlace(piece)}, but it is painted ${where}.`,
        repair: `Look at those places again: one of them holds another piece.`,
      },
    ];
  });
}

function unseenPieces(seen: SeenPiece[], scheme: ColourScheme): Problem[] {
  const places = PLACES.filter(({ index }) => seen[index]!.kind === 'unseen');
  if (places.length === 0) return [];
  return [
    {
      kind: 'unseen',
      pieces: places.map((place) => pieceColours(place.index, scheme)),
      stickers: [],
      says:
        places.length === 1
          ? `One place is not painted yet: ${betweenWords(places[0]!.index, scheme)}.`
          : `${places.length} places are not painted yet.`,
      repair: 'Paint the empty stickers.',
    },
  ];
}

function unsolvable(seen: Sound[], scheme: ColourScheme): Problem[] {
  const problems: Problem[] = [];
  const twist = CORNERS.reduce((sum, { index }) => sum + seen[index]!.twist, 0) % 3;
  const flip = EDGES.reduce((sum, { index }) => sum + seen[index]!.twist, 0) % 2;
  const named = (place: number): string[] => pieceColours(seen[place]!.piece, scheme);

  if (flip !== 0) {
    // An edge flipped in its own place is the one a hand most likely put in wrong.
    const place =
      EDGES.find(({ index }) => seen[index]!.piece === index && seen[index]!.twist === 1) ??
      EDGES[0]!;
    const name = joinColours(named(place.index));
    problems.push({
      kind: 'flipped-edge',
      pieces: [named(place.index)],
      stickers: [...place.stickers],
      says: 'One edge is in the wrong way up: no turns can solve this cube.',
      repair: `If it is painted right, take out the ${name} edge and put it back flipped. ${SMALL_PARTS}`,
    });
  }
  if (twist !== 0) {
    const place =
      CORNERS.find(({ index }) => seen[index]!.piece === index && seen[index]!.twist === twist) ??
      CORNERS[0]!;
    const name = joinColours(named(place.index));
    const way = twist === 1 ? 'counter-clockwise' : 'clockwise';
    problems.push({
      kind: 'twisted-corner',
      pieces: [named(place.index)],
      stickers: [...place.stickers],
      says: 'One corner is twisted in its place: no turns can solve this cube.',
      repair: `If it is painted right, twist the ${name} corner a third of a turn ${way}, looking straight at it. ${SMALL_PARTS}`,
    });
  }
  if (
    isOdd(CORNERS.map(({ index }) => seen[index]!.piece)) !==
    isOdd(EDGES.map(({ index }) => seen[index]!.piece - CORNERS.length))
  ) {
    const exchanged = (place: number): boolean =>
      seen[place]!.piece !== place && seen[seen[place]!.piece]!.piece === place;
    const first = PLACES.find(({ index }) => exchanged(index)) ?? EDGES[0]!;
    const second = exchanged(first.index) ? PLACES[seen[first.index]!.piece]! : EDGES[1]!;
    const names = [first, second].map(({ index }) => joinColours(named(index)));
    problems.push({
      kind: 'swapped-pieces',
      pieces: [named(first.index), named(second.index)],
      stickers: [...first.stickers, ...second.stickers],
      says: 'Two pieces have changed places: no turns can solve this cube.',
      repair: `If it is painted right, take out the ${names.join(' and the ')} ${kindOfPlace(first.index)} and exchange them. ${SMALL_PARTS}`,
    });
  }
  return problems;
}
