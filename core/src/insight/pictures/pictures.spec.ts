import {
  COLOURS,
  type Painted,
  paintedFromCube,
  randomCube,
  randomFrom,
  rgbOf,
  solvedCube,
  SWATCHES,
} from '../../puzzle/cube/index.js';
import { DEFAULT_DIFFICULTY, type Difficulty, photographs } from './camera.js';
import { fromLight, middleSquare, slanted, toLight } from './image.js';
import { likeliestCube } from './likeliest.js';
import { readSides, type SidesRead } from './read-sides.js';
import { stickerLights } from './sampling.js';

const INKS = COLOURS.map((colour) => rgbOf(SWATCHES[colour]));

function read(seed: number, difficulty: Partial<Difficulty> = {}): SidesRead & { full: Painted } {
  const random = randomFrom(seed);
  const full = paintedFromCube(randomCube(random));
  const pictures = photographs(full, INKS, { ...DEFAULT_DIFFICULTY, ...difficulty }, random);
  return { full, ...readSides(pictures.flatMap((picture) => stickerLights(picture))) };
}

describe('reading a cube from six photographs', () => {
  it('reads every sticker of simulated ones right, whatever the light', () => {
    for (let seed = 0; seed < 16; seed++) {
      const { full, painted } = read(seed);
      expect(painted).toEqual(full);
    }
  });

  it('never takes a wrong reading for certain, also where the light is hopeless', () => {
    const { tilt, shade, cast, noise } = DEFAULT_DIFFICULTY;
    let wrong = 0;
    for (let seed = 50; seed < 60; seed++) {
      const hard = { tilt: tilt * 2, shade: shade * 2, cast: cast * 2, noise: noise * 2.4 };
      const { full, painted, doubtful } = read(seed, hard);
      if (painted.every((colour, sticker) => colour === full[sticker])) continue;
      wrong++;
      expect(doubtful.length).toBeGreaterThan(0);
    }
    expect(wrong).toBeGreaterThan(0);
  });

  it('asks about a sticker in the glare of the lamp, and only about that one', () => {
    const { full, painted, doubtful } = read(77 + 1, { glare: [20] });
    expect(painted).toEqual(full);
    expect(doubtful).toEqual([20]);
  });

  it('finds a side where its outline is given', () => {
    const random = randomFrom(5);
    const still = { ...DEFAULT_DIFFICULTY, tilt: 0, shade: 0, cast: 0, noise: 0 };
    const [white] = photographs(paintedFromCube(solvedCube()), INKS, still, random);
    const given = stickerLights(white!, middleSquare(white!.width, white!.height));
    const [r, g, b] = given[0]!;
    expect(r / g).toBeCloseTo(toLight(247) / toLight(245), 1);
    expect(b).toBeLessThan(g);
  });
});

describe('the likeliest legal cube', () => {
  it('is the one painted when each sticker costs nothing as it is', () => {
    for (let seed = 0; seed < 5; seed++) {
      const cube = randomCube(randomFrom(seed));
      const painted = paintedFromCube(cube);
      const costs = Float64Array.from({ length: 324 }, (_, k) =>
        painted[Math.floor(k / 6)] === k % 6 ? 0 : 1,
      );
      const found = likeliestCube(costs);
      expect(found.cube).toEqual(cube);
      expect(found.cost).toBe(0);
      painted.forEach((colour, s) => {
        if (s % 9 !== 4) expect(found.having[s * 6 + colour]).toBe(0);
      });
      // Another colour anywhere makes at least two other stickers wrong: no two cubes are nearer.
      const others = found.having.filter((cost) => cost > 0);
      expect(Math.min(...others)).toBeGreaterThanOrEqual(3);
    }
  });
});

describe('the slanted square', () => {
  it('takes corners to corners, and light to stored values and back', () => {
    const outline = [
      [10, 12],
      [90, 5],
      [110, 95],
      [3, 80],
    ] as const;
    const at = slanted(outline);
    const corners = [at(0, 0), at(1, 0), at(1, 1), at(0, 1)];
    corners.flat().forEach((value, k) => {
      expect(value).toBeCloseTo(outline.flat()[k]!, 6);
    });
    for (let value = 0; value < 256; value++)
      expect(fromLight(toLight(value))).toBeCloseTo(value, 6);
  });
});
