import { rgbOf } from '../../puzzle/cube/index.js';

const INK = '#1b2530';
const PAPER = '#ffffff';

/** How light a colour is to the eye, 0…1 (WCAG relative luminance of `#rrggbb`). */
function luminance(swatch: string): number {
  const [red, green, blue] = rgbOf(swatch).map((stored) => {
    const channel = stored / 255;
    return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue!;
}

/** The colour for a letter on a sticker of this colour: ink or paper, whichever stands out more. */
export function letterOn(swatch: string): string {
  const contrast = (a: number, b: number): number =>
    (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  const own = luminance(swatch);
  return contrast(own, luminance(INK)) >= contrast(own, luminance(PAPER)) ? INK : PAPER;
}
