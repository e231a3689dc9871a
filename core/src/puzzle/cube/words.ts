import type { ColourScheme } from './colours.js';
import { faceInHold, type Hold } from './holds.js';
import { placeOnSides, PLACES } from './pieces.js';
import { opposite, type Side, sideOfLetter, UP } from './sides.js';
import { SAY } from './said.js';
import { capitalised, listed, spoken } from '../../words/index.js';

/** Colours joined as one says a piece: "white-green-red". */
export const joinColours = (colours: readonly string[]): string => colours.join('-');

/** A title or sentence with `{first}` and the colour across from it, `{opposite}`, as they are called. */
export function inColours(text: string, first: Side, scheme: ColourScheme): string {
  return capitalised(
    spoken(text)
      .replaceAll('{first}', scheme[first]!)
      .replaceAll('{opposite}', scheme[opposite(first)]!),
  );
}

/** The colours of a piece (numbered by its home place), the `lead` colour or its opposite first. */
export function pieceColours(piece: number, scheme: ColourScheme, lead: Side = UP): string[] {
  const { sides } = PLACES[piece]!;
  const at = Math.max(
    0,
    sides.findIndex((side) => side === lead || side === opposite(lead)),
  );
  return sides.map((_, k) => scheme[sides[(at + k) % sides.length]!]!);
}

export const kindOfPlace = (place: number): 'corner' | 'edge' =>
  PLACES[place]!.sides.length === 3 ? 'corner' : 'edge';

const LAYER_WORDS = { U: 'onTop', D: 'atTheBottom', '': 'inTheMiddle' } as const;
const SIDE_WHERE = {
  F: 'inFront',
  B: 'atTheBack',
  R: 'onTheRight',
  L: 'onTheLeft',
  FR: 'atTheFrontRight',
  FL: 'atTheFrontLeft',
  BR: 'atTheBackRight',
  BL: 'atTheBackLeft',
} as const;

/** A place of the hold in words, as one points at it: "on top, at the front right". */
export function placeWords(name: string): string {
  const layer = (/[UD]/.exec(name)?.[0] ?? '') as keyof typeof LAYER_WORDS;
  const where = name.replace(layer, '') as keyof typeof SIDE_WHERE;
  return SAY.place({ layer: SAY[LAYER_WORDS[layer]], where: SAY[SIDE_WHERE[where]] });
}

/** A place of the cube in words, as it is held. */
export function whereInHold(hold: Hold, place: number): string {
  const faces = PLACES[place]!.sides.map((side) => faceInHold(hold, side));
  return placeWords(placeOnSides(faces)!.name);
}

/** A place of the cube by the sides it lies between: "between white, green and red". */
export const betweenWords = (place: number, scheme: ColourScheme): string =>
  SAY.between({
    list: listed([...PLACES[place]!.name].map((letter) => scheme[sideOfLetter(letter)]!)),
  });
