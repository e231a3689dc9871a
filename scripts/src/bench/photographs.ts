import { performance } from 'node:perf_hooks';
import {
  COLOURS,
  paintedFromCube,
  randomCube,
  randomFrom,
  rgbOf,
  SWATCHES,
} from '@sleetcrest/core';
import {
  DEFAULT_DIFFICULTY,
  photographs,
  readSides,
  stickerLights,
} from '@sleetcrest/core/insight/pictures';
import { median, rounded } from './median.js';

const CUBES = 500;
const INKS = COLOURS.map((colour) => rgbOf(SWATCHES[colour]));

/** How many simulated cubes are read right from photographs, and whether a wrong one is silent. */
export function photographReadings(): object {
  const times: number[] = [];
  let [right, wrongAndSilent, withDoubts] = [0, 0, 0];
  for (let seed = 0; seed < CUBES; seed++) {
    const random = randomFrom(seed);
    const full = paintedFromCube(randomCube(random));
    const pictures = photographs(full, INKS, DEFAULT_DIFFICULTY, random);
    const start = performance.now();
    const { painted, doubtful } = readSides(pictures.flatMap((one) => stickerLights(one)));
    times.push(performance.now() - start);
    const isRight = painted.every((colour, sticker) => colour === full[sticker]);
    if (isRight) right++;
    else if (doubtful.length === 0) wrongAndSilent++;
    if (doubtful.length > 0) withDoubts++;
  }
  return {
    cubes: CUBES,
    rightShare: right / CUBES,
    allowedRightShare: 0.99,
    wrongAndSilent,
    withDoubts,
    medianMilliseconds: rounded(median(times)),
  };
}
