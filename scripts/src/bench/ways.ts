import { performance } from 'node:perf_hooks';
import { randomCube, randomFrom } from '@sleetcrest/core';
import { makeWayTables, wayBetween } from '@sleetcrest/core/puzzle/search';
import { median, rounded } from './median.js';

const PAIRS = 400;

/** Building the tables, and the ways between random pairs of cubes. */
export function wayTimes(): object {
  const began = performance.now();
  const tables = makeWayTables();
  const building = performance.now() - began;
  const random = randomFrom(5);
  const times: number[] = [];
  const lengths = Array.from({ length: PAIRS }, () => {
    const [from, to] = [randomCube(random), randomCube(random)];
    const start = performance.now();
    const { length } = wayBetween(tables, from, to);
    times.push(performance.now() - start);
    return length;
  });
  return {
    pairs: PAIRS,
    buildingMilliseconds: rounded(building),
    allowedBuildingMilliseconds: 2000,
    medianMilliseconds: rounded(median(times)),
    allowedMedianMilliseconds: 60,
    meanTurns: rounded(lengths.reduce((sum, length) => sum + length, 0) / PAIRS),
    allowedMeanTurns: 21,
    mostTurns: Math.max(...lengths),
  };
}
