import { fail, ok, type Result } from './result.js';
import { type Side, SIDES } from './sides.js';
import { listed } from '../../words/index.js';
import { SAY } from './said.js';

/** The six sticker colours, named as the Cube document names them. */
export const COLOURS = ['white', 'red', 'green', 'yellow', 'orange', 'blue'] as const;
export type Colour = (typeof COLOURS)[number];

/** The letter on a sticker, for those who cannot tell the colours: no two have the same. */
export const colourLetter = (colour: Colour): string => colour[0]!.toUpperCase();

/**
 * Which colour the centre of each side has, by side number (`U R F D L B`). A few cubes are
 * coloured otherwise than the standard one, so the scheme is data wherever colours are named.
 */
export type ColourScheme = readonly Colour[];

/** White opposite yellow, red opposite orange, green opposite blue; red right of green. */
export const STANDARD_SCHEME: ColourScheme = COLOURS;

/** A scheme with each colour once, or which colour is missing. */
export function readScheme(colours: readonly Colour[]): Result<ColourScheme, string> {
  const missing = COLOURS.filter((colour) => !colours.includes(colour));
  return missing.length === 0 && colours.length === SIDES.length
    ? ok(colours)
    : fail(SAY.coloursMissing({ missing: listed(missing) }));
}

export const sideOfColour = (scheme: ColourScheme, colour: string): Side =>
  scheme.indexOf(colour as Colour) as Side;
