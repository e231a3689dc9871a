import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plusFromState } from 'pure-rand/generator/xoroshiro128plus';
import { type Cube, placeValue } from './cube.js';
import { CORNER_COUNT, EDGE_COUNT, PLACE_COUNT } from './pieces.js';

/** A whole number at least 0 and below `below`. */
export type Random = (below: number) => number;

/**
 * What drawn numbers depend on. A whole number below 2³² names one of as many streams, each with its
 * own first cube: it is for what is to come out the same again. Of the 4.3 · 10¹⁹ cubes there are, all
 * can only be met by four such numbers, drawn by chance.
 */
export type Seed = number | readonly [number, number, number, number];

/** Numbers that depend on the seed alone, each as likely as any other. */
export function randomFrom(seed: Seed): Random {
  const generator = xoroshiro128plusFromState(typeof seed === 'number' ? spread(seed) : seed);
  return (below) => uniformInt(generator, 0, below - 1);
}

/** Four numbers that have nothing to do with those of the seeds beside this one. */
function spread(seed: number): [number, number, number, number] {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 16), 0x85ebca6b);
    mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
    return mixed ^ (mixed >>> 16);
  };
  return [next(), next(), next(), next()];
}

/** Shuffles in place; returns whether the permutation made is odd. */
export function shuffle(items: number[], random: Random): boolean {
  let odd = false;
  for (let last = items.length - 1; last > 0; last--) {
    const other = random(last + 1);
    if (other === last) continue;
    [items[last], items[other]] = [items[other]!, items[last]!];
    odd = !odd;
  }
  return odd;
}

/** Twists for `count` places, each 0…kinds−1, that add up to a multiple of `kinds`. */
function twists(count: number, kinds: number, random: Random): number[] {
  const all = Array.from({ length: count - 1 }, () => random(kinds));
  const total = all.reduce((sum, twist) => sum + twist, 0);
  return [...all, (kinds - (total % kinds)) % kinds];
}

/** A legal cube, every one equally likely. */
export function randomCube(random: Random): Cube {
  const corners = Array.from({ length: CORNER_COUNT }, (_, k) => k);
  const edges = Array.from({ length: EDGE_COUNT }, (_, k) => CORNER_COUNT + k);
  const odd = shuffle(corners, random) !== shuffle(edges, random);
  if (odd) [edges[0], edges[1]] = [edges[1]!, edges[0]!];
  const turned = [...twists(CORNER_COUNT, 3, random), ...twists(EDGE_COUNT, 2, random)];
  const pieces = [...corners, ...edges];
  return Uint8Array.from({ length: PLACE_COUNT }, (_, k) => placeValue(pieces[k]!, turned[k]!));
}
