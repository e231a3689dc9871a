import { type Painted, paintedFromCube, SIDES, STICKER_COUNT } from '../../puzzle/cube/index.js';
import { likeliestCube } from './likeliest.js';
import type { Light } from './sampling.js';

/** What was read from six photographs. */
export interface SidesRead {
  painted: Painted;
  /** Stickers to be confirmed by the person, most doubtful first. */
  doubtful: number[];
}

/** Red, green and blue as shares of the light, and a little of how bright it is. */
type Hue = readonly [number, number, number, number];
/** Brightness changes with the shade on a side; hue hardly does. */
const BRIGHTNESS = 0.12;
/** Dark pixels are mostly noise: a little grey keeps their hue from jumping. */
const GREY = 0.01;

function hueOf([red, green, blue]: Light): Hue {
  const sum = red + green + blue + 3 * GREY;
  const share = (light: number): number => (light + GREY) / sum;
  return [share(red), share(green), share(blue), BRIGHTNESS * Math.sqrt(sum / 3)];
}

const apart = (a: Hue, b: Hue): number =>
  a.reduce((sum, value, k) => sum + (value - b[k]!) ** 2, 0);

/** Least spread of the stickers of one colour: what looks nearer than that is still in doubt. */
const LEAST_SPREAD = 0.018;
const ROUNDS = 2;
/**
 * A sticker is in doubt when the best cube that has another colour there costs hardly more, or when
 * what was seen there had to give way to the laws by so much. In units of half a squared spread.
 */
const LEAST_MARGIN = 9;
const MOST_STRAIN = 7;

/**
 * The colours of a cube from the light of its 54 stickers, as the legal cube they fit best. The
 * centres tell what each colour looks like in this light; the stickers taken for a colour then
 * tell it better. Every sticker that could well be another colour is named as doubtful.
 */
export function readSides(lights: readonly Light[]): SidesRead {
  const hues = lights.map(hueOf);
  let looks = SIDES.map((side) => hues[side * 9 + 4]!);
  let spread = LEAST_SPREAD;
  let costs = costsOf(hues, looks, spread);
  let found = likeliestCube(costs);
  for (let round = 0; round < ROUNDS; round++) {
    const painted = paintedFromCube(found.cube);
    looks = SIDES.map((side) => middleOf(hues.filter((_, s) => painted[s] === side)));
    const off = hues.map((hue, s) => apart(hue, looks[painted[s]!]!)).sort((a, b) => a - b);
    // The middle of the squares, scaled to a spread as if they were normal in four directions.
    spread = Math.max(LEAST_SPREAD, Math.sqrt(off[STICKER_COUNT / 2]! / 2));
    costs = costsOf(hues, looks, spread);
    found = likeliestCube(costs);
  }
  const painted = paintedFromCube(found.cube);
  const doubts = Array.from({ length: STICKER_COUNT }, (_, sticker) => {
    const own = costs.subarray(sticker * 6, sticker * 6 + 6);
    const others = found.having
      .subarray(sticker * 6, sticker * 6 + 6)
      .filter((_, colour) => colour !== painted[sticker]);
    const margin = sticker % 9 === 4 ? Infinity : Math.min(...others) - found.cost;
    const strain = own[painted[sticker]!]! - Math.min(...own);
    const far = own[painted[sticker]!]! / FAR;
    return { sticker, doubt: Math.max(LEAST_MARGIN / margin, strain / MOST_STRAIN, far) };
  });
  const doubtful = doubts.filter(({ doubt }) => doubt > 1).sort((a, b) => b.doubt - a.doubt);
  return { painted, doubtful: doubtful.map(({ sticker }) => sticker) };
}

/** A sticker so far from the look of its colour is in doubt though no other colour is nearer. */
const FAR = 40;

function costsOf(hues: readonly Hue[], looks: readonly Hue[], spread: number): Float64Array {
  return Float64Array.from(
    { length: STICKER_COUNT * 6 },
    (_, k) => apart(hues[Math.floor(k / 6)]!, looks[k % 6]!) / (2 * spread ** 2),
  );
}

/** The middle value of each part: a few stickers in glare do not move it. */
function middleOf(hues: readonly Hue[]): Hue {
  const part = (k: number): number => {
    const sorted = hues.map((hue) => hue[k]!).sort((a, b) => a - b);
    return sorted[Math.floor(sorted.length / 2)]!;
  };
  return [part(0), part(1), part(2), part(3)];
}
