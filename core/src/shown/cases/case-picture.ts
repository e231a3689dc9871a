import {
  type Colour,
  colourAt,
  type ColourScheme,
  type Cube,
  type Hold,
  HOME_HOLD,
  opposite,
  pieceAt,
  PLACES,
  type Side,
  sideInHold,
  SIDES,
  stickerInHold,
  turnedOver,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  type Case,
  isSearch,
  type Pattern,
  type Seen,
} from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { patternsOf, runnerFor, seenMask, stickerCalled } from '../../engine/run/index.js';
import { setUpFor } from '../../engine/set-up/index.js';

/** A sticker of a case's picture: a colour, any but a colour, or one of some; null is unpainted. */
export type Cell =
  { readonly is: Colour } | { readonly not: Colour } | { readonly oneOf: readonly Colour[] } | null;

/** 54 stickers of the hold the picture is seen in. */
export type CasePicture = readonly Cell[];

/** The hold of a case's picture: the front stays what it is when the cube is turned over. */
export const pictureHold = (approach: Pick<Approach, 'up'>, first: Side): Hold =>
  turnedOver(HOME_HOLD, approach.up === 'first' ? first : opposite(first));

function cellOf(seen: Seen, hold: Hold, first: Side, scheme: ColourScheme): Cell {
  const mask = seenMask(seen, hold, first);
  const colours = (wanted: (bit: number) => boolean): Colour[] =>
    SIDES.filter((side) => wanted((mask >> side) & 1)).map((side) => scheme[side]!);
  const can = colours((bit) => bit === 1);
  const cannot = colours((bit) => bit === 0);
  if (can.length === 1) return { is: can[0]! };
  return cannot.length === 1 ? { not: cannot[0]! } : { oneOf: can };
}

function centres(hold: Hold, scheme: ColourScheme): Cell[] {
  const cells = new Array<Cell>(54).fill(null);
  for (const side of SIDES) cells[side * 9 + 4] = { is: scheme[sideInHold(hold, side)]! };
  return cells;
}

/** What a pattern asks to be seen, and the centres; nothing else is painted. */
export function patternPicture(
  pattern: Pattern,
  hold: Hold,
  first: Side,
  scheme: ColourScheme,
): CasePicture {
  const cells = centres(hold, scheme);
  for (const [name, seen] of Object.entries(pattern)) {
    const sticker = stickerCalled(name);
    if (sticker !== undefined) cells[sticker] = cellOf(seen, hold, first, scheme);
  }
  return cells;
}

/** Some pieces of a cube as it is held, and the centres; nothing else is painted. */
export function piecesPicture(
  cube: Cube,
  pieces: readonly number[],
  hold: Hold,
  scheme: ColourScheme,
): CasePicture {
  const cells = centres(hold, scheme);
  const wanted = new Set(
    PLACES.filter(({ index }) => pieces.includes(pieceAt(cube, index))).flatMap(
      ({ stickers }) => stickers,
    ),
  );
  for (let sticker = 0; sticker < 54; sticker++) {
    const own = stickerInHold(hold, sticker);
    if (wanted.has(own)) cells[sticker] = { is: scheme[colourAt(cube, own)]! };
  }
  return cells;
}

/** The first picture of a case whose pattern says all; null where an example must be found. */
export function plainPicture(
  approach: Approach,
  caseId: string,
  first: Side,
  scheme: ColourScheme,
): CasePicture | null {
  const [pattern] = shownPatterns(approach, caseId);
  return pattern ? patternPicture(pattern, pictureHold(approach, first), first, scheme) : null;
}

/** The patterns of a case that ask for anything. */
function shownPatterns(approach: Approach, caseId: string): Pattern[] {
  const one = approach.cases.find(({ id }) => id === caseId);
  const patterns = isSearch(approach) || !one ? [] : patternsOf(one as Case);
  return patterns.filter((pattern) => Object.keys(pattern).length > 0);
}

/**
 * The pictures of a case: one for each of its patterns. Where there is no pattern to show, or a
 * search decides, an example cube with the pieces the case is about.
 */
export function casePictures(
  approach: Approach,
  caseId: string,
  method: Method,
  first: Side,
  scheme: ColourScheme,
): CasePicture[] {
  const one = approach.cases.find(({ id }) => id === caseId);
  if (!one) return [];
  const hold = pictureHold(approach, first);
  const shown = shownPatterns(approach, caseId);
  if (shown.length > 0) return shown.map((pattern) => patternPicture(pattern, hold, first, scheme));
  const example = setUpFor(caseId, method, 1, first);
  if (!example.ok) return [centres(hold, scheme)];
  const { cube, hold: held } = example.value;
  const runner = runnerFor(approach, first);
  const plan = runner.next(cube, held, example.value.midway);
  const choice = plan.find(({ case: { id } }) => id === caseId) ?? plan[0];
  const pieces =
    runner.searching?.concerned(cube, choice) ??
    (choice?.places ?? []).map((place) => pieceAt(cube, place));
  return [piecesPicture(cube, pieces, held, scheme)];
}
