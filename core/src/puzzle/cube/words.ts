import type { ColourScheme } from './colours.js';
import { faceInHold, type Hold } from './holds.js';
import { placeOnSides, PLACES } from './pieces.js';
import { opposite, type Side, sideOfLetter, UP } from './sides.js';

/** Colours joined as one says a piece: "white-green-red". */
export const joinColours = (colours: readonly string[]): string => colours.join('-');

/** "a, b and c". */
export function list(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

/** A title or sentence with `{first}` and the colour across from it, `{opposite}`, as they are called. */
export function inColours(text: string, first: Side, scheme: ColourScheme): string {
  const said = text
    .replaceAll('{first}', scheme[first]!)
    .replaceAll('{opposite}', scheme[opposite(first)]!);
  return said.charAt(0).toUpperCase() + said.slice(1);
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

const LAYER_WORDS: Record<string, string> = {
  U: 'on top',
  D: 'at the bottom',
  '': 'in the middle',
};
const SIDE_WHERE: Record<string, string> = {
  F: 'in front',
  B: 'at the back',
  R: 'on the right',
  L: 'on the left',
  FR: 'at the front right',
  FL: 'at the front left',
  BR: 'at the back right',
  BL: 'at the back left',
};

/** A place of the hold in words, as one points at it: "on top, at the front right". */
export function placeWords(name: string): string {
  const layer = /[UD]/.exec(name)?.[0] ?? '';
  return `${LAYER_WORDS[layer]}, ${SIDE_WHERE[name.replace(layer, '')]}`;
}

/** A place of the cube in words, as it is held. */
export function whereInHold(hold: Hold, place: number): string {
  const faces = PLACES[place]!.sides.map((side) => faceInHold(hold, side));
  return placeWords(placeOnSides(faces)!.name);
}

/** A place of the cube by the sides it lies between: "between white, green and red". */
export const betweenWords = (place: number, scheme: ColourScheme): string =>
  `between ${list([...PLACES[place]!.name].map((letter) => scheme[sideOfLetter(letter)]!))}`;
