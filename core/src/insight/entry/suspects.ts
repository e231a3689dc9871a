import { type Colour, type ColourScheme, STICKER_COUNT, UNSEEN } from '../../puzzle/cube/index.js';
import { possible } from './possible.js';

/** A sticker that may be read wrong, and what it may really be. */
export interface Suspect {
  sticker: number;
  /** Colours (as side numbers) with which the cube would be possible, likeliest first. */
  instead: number[];
  /** How likely it is this one, among all suspects; they add up to 1. */
  share: number;
}

/** Colours taken for each other in poor light or by many eyes. */
const ALIKE: readonly (readonly [Colour, Colour])[] = [
  ['red', 'orange'],
  ['white', 'yellow'],
  ['green', 'blue'],
];
const ALIKE_WEIGHT = 3;

const isAlike = (a: Colour, b: Colour): boolean =>
  ALIKE.some((pair) => pair.includes(a) && pair.includes(b));

/**
 * Where no legal cube has the stickers given: which single one may be wrong, likeliest first. Every
 * legal cube is taken to be as likely as any other, and every sticker as likely to be misread, but
 * for colours that look alike; so a sticker is suspect by how many cubes there are without it.
 * None are named where the cube is possible, or where no single sticker explains it.
 */
export function suspects(painted: ArrayLike<number>, scheme: ColourScheme): Suspect[] {
  if (possible(painted).cubes > 0) return [];
  const found = Array.from({ length: STICKER_COUNT }, (_, sticker) => sticker)
    .filter((sticker) => sticker % 9 !== 4 && painted[sticker] !== UNSEEN)
    .flatMap((sticker) => {
      const without = Int8Array.from(painted);
      without[sticker] = UNSEEN;
      const { cubes, having } = possible(without);
      if (cubes === 0) return [];
      const given = scheme[painted[sticker]!]!;
      const weights = scheme.map((colour, side) => ({
        side,
        weight: having[sticker * 6 + side]! * (isAlike(colour, given) ? ALIKE_WEIGHT : 1),
      }));
      const instead = weights
        .filter(({ weight }) => weight > 0)
        .sort((a, b) => b.weight - a.weight);
      const weight = instead.reduce((sum, one) => sum + one.weight, 0);
      return [{ sticker, instead: instead.map(({ side }) => side), weight }];
    });
  const total = found.reduce((sum, { weight }) => sum + weight, 0);
  return found
    .map(({ sticker, instead, weight }) => ({ sticker, instead, share: weight / total }))
    .sort((a, b) => b.share - a.share);
}
