import type { ColourScheme } from './colours.js';
import { PLACES } from './pieces.js';
import { opposite, sideOfLetter, SIDE_LETTERS, UP, type Side } from './sides.js';

/** Colours joined as one says a piece: "white-green-red". */
export const joinColours = (colours: readonly string[]): string => colours.join('-');

/** "a, b and c". */
export function list(words: readonly string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
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

const WHERE = ['top', 'right', 'front', 'bottom', 'left', 'back'];

/** A place of the hold in words, as one points at it: "top front right", "middle back left". */
export function placeWords(name: string): string {
  const words = [...name].map((letter) => WHERE[SIDE_LETTERS.indexOf(letter)]);
  return (/^[UD]/.test(name) ? words : ['middle', ...words]).join(' ');
}

/** A place of the cube by the sides it lies between: "between white, green and red". */
export const betweenWords = (place: number, scheme: ColourScheme): string =>
  `between ${list([...PLACES[place]!.name].map((letter) => scheme[sideOfLetter(letter)]!))}`;
