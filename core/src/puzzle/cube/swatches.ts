import type { Colour } from './colours.js';

/** Red, green and blue as they are stored, 0…255 each. */
export type Rgb = readonly [red: number, green: number, blue: number];

/**
 * How stickers are painted unless their reader chooses otherwise, as `#rrggbb`: matt paint in low
 * morning light, far apart in lightness as well as hue.
 */
export const SWATCHES: Readonly<Record<Colour, string>> = {
  white: '#f7f5ee',
  red: '#b8322f',
  green: '#3f8f5f',
  yellow: '#f0c93a',
  orange: '#e8843c',
  blue: '#33649b',
};

/** The parts of a colour written `#rrggbb`. */
export function rgbOf(swatch: string): Rgb {
  const part = (at: number): number => Number.parseInt(swatch.slice(at, at + 2), 16);
  return [part(1), part(3), part(5)];
}
