import { paintedFromCube, randomCube, randomFrom, type Rgb, SIDES } from '@sleetcrest/core';
import {
  DEFAULT_DIFFICULTY,
  type Outline,
  type Photo,
  photographs,
  readSides,
  stickerLights,
} from '@sleetcrest/core/insight/pictures';

/** A photograph, and where the side lies in it if the person showed it. */
export interface Shot {
  picture: Photo;
  outline: Outline | null;
}

/** What was read: colours by side number, what is to be confirmed, and the colour seen at each. */
export interface ShotsRead {
  painted: number[];
  doubtful: number[];
  /** The mean colour seen at each sticker, as CSS. */
  seen: string[];
}

export const photoDeeds = {
  /** Reads six photographs, in the order of the sides. */
  read(shots: readonly Shot[]): ShotsRead {
    const lights = shots.flatMap(({ picture, outline }) =>
      stickerLights(picture, outline ?? undefined),
    );
    const { painted, doubtful } = readSides(lights);
    const seen = lights.map((light) => {
      const [r, g, b] = light.map((one) => Math.round(255 * Math.min(1, one) ** (1 / 2.2)));
      return `rgb(${r} ${g} ${b})`;
    });
    return { painted: Array.from(painted), doubtful, seen };
  },

  /** Photographs of a random cube by the simulated camera; the same seed takes the same ones. */
  simulate(seed: number, inks: readonly Rgb[], glare: boolean): Photo[] {
    const random = randomFrom(seed);
    const painted = paintedFromCube(randomCube(random));
    const side = random(SIDES.length);
    // Beside the middle of a side, where a lamp would be reflected.
    const glared = glare ? [side * 9 + [1, 3, 5, 7][random(4)]!] : [];
    return photographs(painted, inks, { ...DEFAULT_DIFFICULTY, glare: glared }, random);
  },
};
