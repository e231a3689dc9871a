import type { ColourScheme } from './colours.js';
import { placeValue } from './cube.js';
import { type Painted, seenAt, type SeenPiece, UNSEEN } from './painted.js';
import { PLACES } from './pieces.js';
import { smallestRepair } from './repair.js';
import { SIDES } from './sides.js';
import { betweenWords, joinColours, kindOfPlace, pieceColours } from './words.js';
import { SAY } from './said.js';
import { listed } from '../../words/index.js';

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
type ProblemKind = (typeof PROBLEM_KINDS)[number];

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
  const names = (sides: number[]): string => listed(sides.map((side) => scheme[side]!));
  return [
    {
      kind: 'colour-count',
      pieces: [...over, ...under].map((side) => [scheme[side]!]),
      stickers: [],
      says: SAY.everyColourHasNineStickers({ list: listed([...over, ...under].map(count)) }),
      repair:
        under.length > 0
          ? SAY.lookForAStickerThat({ over: names(over), under: names(under) })
          : SAY.lookAgainAtTheStickers({ over: names(over) }),
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
          says: SAY.noSuchPiece({ kind, where, colours: joinColours(colours) }),
          repair: SAY.lookAgainAtAll({ kind, where }),
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
          says: SAY.theCornerIsPaintedThe({ colours: joinColours(colours), where }),
          repair: SAY.twoOfItsThreeStickers({ where }),
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
    const where = listed(places.map(({ index }) => betweenWords(index, scheme)));
    return [
      {
        kind: 'same-piece-twice',
        pieces: [colours],
        stickers: places.flatMap((place) => place.stickers),
        says: SAY.thereIsOnlyOneBut({
          colours: joinColours(colours),
          piece: kindOfPlace(piece),
          where,
        }),
        repair: SAY.lookAtThosePlacesAgain,
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
      says: SAY.notPainted({
        places: places.length,
        where: betweenWords(places[0]!.index, scheme),
      }),
      repair: SAY.paintTheEmptyStickers,
    },
  ];
}

/** How the smallest repair is done by hand, a problem for each law that is broken. */
function unsolvable(seen: Sound[], scheme: ColourScheme): Problem[] {
  const cube = Uint8Array.from(seen, ({ piece, twist }) => placeValue(piece, twist));
  const { flip, twist, swap } = smallestRepair(cube);
  const problems: Problem[] = [];
  const colours = (place: number): string[] => pieceColours(seen[place]!.piece, scheme);
  const named = (place: number): string => joinColours(colours(place));
  const stickersAt = (...places: number[]): number[] =>
    places.flatMap((place) => [...PLACES[place]!.stickers]);

  if (flip !== undefined) {
    problems.push({
      kind: 'flipped-edge',
      pieces: [colours(flip)],
      stickers: stickersAt(flip),
      says: SAY.oneEdgeIsInThe,
      repair: swap
        ? SAY.whenTheTwoEdgesAre({ flip: named(flip) })
        : SAY.flipBack({ flip: named(flip), where: betweenWords(flip, scheme) }),
    });
  }
  if (twist) {
    const way = twist.thirds === 1 ? 'clockwise' : 'counter-clockwise';
    problems.push({
      kind: 'twisted-corner',
      pieces: [colours(twist.place)],
      stickers: stickersAt(twist.place),
      says: SAY.oneCornerIsTwistedIn,
      repair: SAY.twistBack({
        place: named(twist.place),
        where: betweenWords(twist.place, scheme),
        way,
      }),
    });
  }
  if (swap) {
    const kind = kindOfPlace(swap[0]);
    problems.push({
      kind: 'swapped-pieces',
      pieces: swap.map(colours),
      stickers: stickersAt(...swap),
      says: SAY.twoPiecesHaveChangedPlaces,
      repair: SAY.exchangeBack({ kind, one: named(swap[0]), other: named(swap[1]) }),
    });
  }
  return problems;
}
