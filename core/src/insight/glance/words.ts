import {
  BACK,
  type ColourScheme,
  FRONT,
  type Hold,
  LEFT,
  opposite,
  placeWords,
  RIGHT,
  type Side,
  sideInHold,
} from '../../puzzle/cube/index.js';
import type { Look } from './situations.js';
import { capitalised, either } from '../../words/index.js';
import { SAY } from './said.js';

const FACES = {
  U: 'stickerOnTop',
  D: 'stickerUnderneath',
  F: 'stickerInFront',
  B: 'stickerAtTheBack',
  R: 'stickerOnTheRight',
  L: 'stickerOnTheLeft',
} as const;
const ASKED = {
  layer: 'layerOfPiece',
  where: 'placeOfPiece',
  facing: 'wayOfPiece',
  solved: 'whetherOfPiece',
} as const;

/** The colour that a role means in a hold. */
export function colourOfRole(role: string, scheme: ColourScheme, first: Side, hold: Hold): string {
  const faces: Readonly<Record<string, Side>> = {
    front: FRONT,
    right: RIGHT,
    back: BACK,
    left: LEFT,
  };
  if (role === 'first') return scheme[first]!;
  if (role === 'opposite') return scheme[opposite(first)]!;
  const face = faces[role];
  return face === undefined ? role : scheme[sideInHold(hold, face)]!;
}

/** Where a look is, as one says it: `the sticker in front, at the top front right`. */
export function lookPlace(look: Look): string {
  if (!('sticker' in look)) {
    return SAY[ASKED[look.asks]]({ piece: placeWords(look.piece) });
  }
  const [place, side] = look.sticker.split('.') as [string, string];
  return SAY[FACES[side as keyof typeof FACES]]({ place: placeWords(place) });
}

/** What was seen at a look, in the colours of the cube in hand. */
export function lookSaid(
  { look, seen }: { look: Look; seen: string },
  scheme: ColourScheme,
  first: Side,
  hold: Hold,
): string {
  const colour = colourOfRole(seen, scheme, first, hold);
  return SAY.seenThere({ place: capitalised(lookPlace(look)), colour });
}

const ROLES = ['first', 'opposite', 'front', 'right', 'back', 'left'];

/** Colours by role as one says them: `white`, `not white`, `red or green`. */
export function seenWords(
  seen: readonly string[],
  scheme: ColourScheme,
  first: Side,
  hold: Hold,
): string {
  const named = (roles: readonly string[]): string =>
    either([...new Set(roles.map((role) => colourOfRole(role, scheme, first, hold)))]);
  const others = ROLES.filter((role) => !seen.includes(role));
  const isColour = seen.every((role) => ROLES.includes(role));
  if (isColour && seen.length > 1 && others.length <= 2) return SAY.not({ others: named(others) });
  return named(seen);
}
