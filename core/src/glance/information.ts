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
  const each = (s: number, tell: (outcome: number) => void): void => {
    for (let word = 0; word < words; word++) {
      for (let bits = good[s * words + word]!; bits !== 0; bits &= bits - 1) {
        tell(word * 32 + 31 - Math.clz32(bits & -bits));
      }
    }
  };
  for (let s = 0; s < count; s++) each(s, (outcome) => (often[outcome]! += weight[s]!));
  let bits = 0;
  for (let s = 0; s < count; s++) {
    let most = 0;
    each(s, (outcome) => (most = Math.max(most, often[outcome]!)));
    bits -= weight[s]! * Math.log2(Math.min(1, most));
  }
  const answers = lookables.map(
    (_, look) => new Set(seen.subarray(look * count, (look + 1) * count)).size,
  );
  return bits / Math.log2(Math.max(2, ...answers));
}
