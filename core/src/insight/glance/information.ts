import { lowestBit } from './bits.js';
import type { Situations } from './situations.js';

/**
 * Looks that no plan can do without, by how much is to be told: as many as it takes to tell what to
 * do if every answer of every look were equally likely. Where several things are good, the one that
 * is good most often is what is told.
 */
export function informationNeeded({
  outcomes,
  lookables,
  count,
  good,
  words,
  weight,
  seen,
}: Situations): number {
  const often = new Float64Array(outcomes.length);
  for (let at = 0; at < count * words; at++) {
    for (let bits = good[at]!; bits !== 0; bits &= bits - 1) {
      often[(at % words) * 32 + lowestBit(bits)]! += weight[Math.floor(at / words)]!;
    }
  }
  let bits = 0;
  for (let s = 0; s < count; s++) {
    let most = 0;
    for (let word = 0; word < words; word++) {
      for (let left = good[s * words + word]!; left !== 0; left &= left - 1) {
        most = Math.max(most, often[word * 32 + lowestBit(left)]!);
      }
    }
    bits -= weight[s]! * Math.log2(Math.min(1, most));
  }
  const answers = lookables.map((_, look) => {
    const met = new Uint8Array(256);
    for (let s = 0; s < count; s++) met[seen[look * count + s]!] = 1;
    return met.reduce((sum, one) => sum + one, 0);
  });
  return bits / Math.log2(Math.max(2, ...answers));
}
