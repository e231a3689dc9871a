import { type Cube, placeValue } from './cube.js';
import { CORNER_COUNT, EDGE_COUNT, PLACE_COUNT } from './pieces.js';

/** A whole number at least 0 and below `below`. */
export type Random = (below: number) => number;

/** Numbers that depend on the seed alone (a 32-bit counter through a mixing function). */
export function randomFrom(seed: number): Random {
  let state = seed >>> 0;
  return (below) => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 16), 0x85ebca6b);
    mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
    mixed ^= mixed >>> 16;
    return Math.floor(((mixed >>> 0) / 2 ** 32) * below);
  };
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
