import { type Random, type Rgb, SIDES } from '../../puzzle/cube/index.js';
import { fromLight, middleSquare, type Outline, type Photo, toLight } from './image.js';

/** How hard a simulated photograph is to read. All that is drawn by chance comes from a seed. */
export interface Difficulty {
  /** How far each corner of the side may be from where it should be, as a share of its width. */
  tilt: number;
  /** How much darker the side may get from one edge to the other. */
  shade: number;
  /** How far red, green and blue may be off, the same in all pictures of a cube. */
  cast: number;
  /** The spread of each pixel's noise, as a share of full light. */
  noise: number;
  /** Stickers (0…53) on which the lamp is reflected: they look nearly white. */
  glare: readonly number[];
}

export const DEFAULT_DIFFICULTY: Difficulty = {
  tilt: 0.08,
  shade: 0.7,
  cast: 0.35,
  noise: 0.05,
  glare: [],
};

const SIZE = 132;
/** How wide the plastic between stickers is, as a share of a sticker. */
const GAP = 0.09;
const PLASTIC = [0.012, 0.012, 0.014];
const TABLE = [0.2, 0.16, 0.12];
const GLARE = 0.78;
/** Steps of light kept apart; enough that none of the 256 stored values is skipped. */
const LEVELS = 4096;
const STORED = Uint8Array.from({ length: LEVELS + 1 }, (_, k) => fromLight(k / LEVELS));

/** A number about 0 with a spread of 1, nearly normal: three even ones added up. */
const normal = (random: Random): number => (random(1025) + random(1025) + random(1025)) / 512 - 3;

const between = (random: Random, reach: number): number => (random(2001) / 1000 - 1) * reach;

/** What the light of one set of photographs is like. */
interface Lamp {
  channels: readonly [number, number, number];
}

function lampFrom({ cast }: Difficulty, random: Random): Lamp {
  return {
    channels: [1 + between(random, cast), 1 + between(random, cast / 2), 1 + between(random, cast)],
  };
}

/**
 * A photograph of one side, as a cheap camera would take it: `colours` are the nine stickers' as
 * stored values, row by row; `first` is the number of the first of them.
 */
function photograph(
  colours: readonly (readonly [number, number, number])[],
  first: number,
  lamp: Lamp,
  difficulty: Difficulty,
  random: Random,
): Photo {
  const data = new Uint8ClampedArray(SIZE * SIZE * 4);
  const place = unslanted(shaken(middleSquare(SIZE, SIZE), difficulty.tilt, random));
  const exposure = 0.85 + between(random, 0.12);
  const [slope, lean] = [between(random, difficulty.shade), between(random, difficulty.shade)];
  const lights = colours.map((colour) => colour.map(toLight));
  for (let y = 0; y < SIZE; y++) {
    for (let x = 0; x < SIZE; x++) {
      const [u, v] = place(x + 0.5, y + 0.5);
      const cell = cellAt(u, v);
      const light = cell === undefined ? TABLE : cell < 0 ? PLASTIC : lights[cell]!;
      const shine = cell !== undefined && difficulty.glare.includes(first + cell) ? GLARE : 0;
      const bright = exposure * (1 + slope * (u - 0.5) + lean * (v - 0.5));
      const noise = normal(random) * difficulty.noise;
      for (let channel = 0; channel < 3; channel++) {
        const seen = light[channel]! * (1 - shine) + shine;
        const lit = seen * bright * lamp.channels[channel]!;
        // Noise is about even in stored values; half of it is shared by the three channels.
        const clean = STORED[Math.round(Math.min(1, Math.max(0, lit)) * LEVELS)]!;
        const own = normal(random) * difficulty.noise;
        data[(y * SIZE + x) * 4 + channel] = clean + 127 * (noise + own);
      }
      data[(y * SIZE + x) * 4 + 3] = 255;
    }
  }
  return { width: SIZE, height: SIZE, data };
}

/** The sticker at a point of the side: −1 on the plastic between, undefined beside the side. */
function cellAt(u: number, v: number): number | undefined {
  if (u < 0 || v < 0 || u >= 1 || v >= 1) return undefined;
  const inGap = (t: number): boolean => {
    const part = (t * 3) % 1;
    return part < GAP || part > 1 - GAP;
  };
  return inGap(u) || inGap(v) ? -1 : Math.floor(v * 3) * 3 + Math.floor(u * 3);
}

function shaken(outline: Outline, tilt: number, random: Random): Outline {
  const width = outline[1][0] - outline[0][0];
  return outline.map(([x, y]) => [
    x + between(random, tilt) * width,
    y + between(random, tilt) * width,
  ]) as unknown as Outline;
}

/** From a point of the picture back to the unit square: the inverse of `slanted`, as a matrix. */
function unslanted(outline: Outline): (x: number, y: number) => [number, number] {
  const [a, b, c, d] = outline;
  const [dx1, dy1] = [b[0] - c[0], b[1] - c[1]];
  const [dx2, dy2] = [d[0] - c[0], d[1] - c[1]];
  const [sx, sy] = [a[0] - b[0] + c[0] - d[0], a[1] - b[1] + c[1] - d[1]];
  const area = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / area;
  const h = (dx1 * sy - sx * dy1) / area;
  const m = [
    [b[0] - a[0] + g * b[0], d[0] - a[0] + h * d[0], a[0]],
    [b[1] - a[1] + g * b[1], d[1] - a[1] + h * d[1], a[1]],
    [g, h, 1],
  ];
  const minor = (r: number, s: number, p: number, q: number): number =>
    m[r]![p]! * m[s]![q]! - m[r]![q]! * m[s]![p]!;
  const inverse = [
    [minor(1, 2, 1, 2), -minor(0, 2, 1, 2), minor(0, 1, 1, 2)],
    [-minor(1, 2, 0, 2), minor(0, 2, 0, 2), -minor(0, 1, 0, 2)],
    [minor(1, 2, 0, 1), -minor(0, 2, 0, 1), minor(0, 1, 0, 1)],
  ];
  return (x, y) => {
    const [u, v, w] = inverse.map((row) => row[0]! * x + row[1]! * y + row[2]!) as [
      number,
      number,
      number,
    ];
    return [u / w, v / w];
  };
}

/** Six photographs of a cube, in the order of its sides; `inks` are the stored values of a colour. */
export function photographs(
  painted: ArrayLike<number>,
  inks: readonly Rgb[],
  difficulty: Difficulty,
  random: Random,
): Photo[] {
  const lamp = lampFrom(difficulty, random);
  return SIDES.map((side) => {
    const colours = Array.from({ length: 9 }, (_, k) => inks[painted[side * 9 + k]!]!);
    return photograph(colours, side * 9, lamp, difficulty, random);
  });
}
