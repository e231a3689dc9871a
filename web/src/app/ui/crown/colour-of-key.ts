import { type Colour, COLOURS } from '@sleetcrest/core';

/** Digits 1…6 in the order of the palette, a colour's first letter, or a key that rubs out (null). */
export function colourOfKey(key: string): Colour | null | undefined {
  if (key === '0' || key === 'Backspace' || key === 'Delete') return null;
  return COLOURS.find((colour, k) => key === String(k + 1) || key.toLowerCase() === colour[0]);
}
