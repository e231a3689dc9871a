import { exactly, KEYS, roughly, type Situations, TELLS } from './situations.js';

/** More than this, situations times pairs of looks, takes too long to try in pairs. */
const MOST = 2e7;

/**
 * What must be seen at least, in each situation, to tell what is good there: the cost of one look,
 * two, or three. Told freely what piece each sticker is of, so never too much.
 */
export function needsOf(situations: Situations, allowed: readonly number[]): Uint8Array {
  const { count, lookables, seen } = situations;
  const costs = allowed.map((look) => lookables[look]!.cost);
  const cheapest = Math.min(...costs);
  const needs = new Uint8Array(count);
  const keys = allowed.map((look) =>
    seen
      .subarray(look * count, (look + 1) * count)
      .map((one) => (one & TELLS ? exactly(one) : 8 + roughly(one))),
  );
  if (count * allowed.length ** 2 > MOST) needs.fill(2 * cheapest);
  else {
    needs.fill(3 * cheapest);
    for (let i = 0; i < keys.length; i++) {
      for (let j = 0; j < i; j++)
        lower(situations, needs, costs[i]! + costs[j]!, keys[i]!, keys[j]!);
    }
  }
  const nothing = new Uint8Array(count);
  keys.forEach((key, i) => lower(situations, needs, costs[i]!, key, nothing));
  return needs;
}

/** Where two looks decide, no more than what they cost is needed. */
function lower(
  { count, good, words }: Situations,
  needs: Uint8Array,
  cost: number,
  first: Uint8Array,
  second: Uint8Array,
): void {
  const goods = new Int32Array(KEYS * KEYS * words).fill(-1);
  for (let s = 0; s < count; s++) {
    const to = (first[s]! * KEYS + second[s]!) * words;
    for (let word = 0; word < words; word++) goods[to + word]! &= good[s * words + word]!;
  }
  for (let s = 0; s < count; s++) {
    if (needs[s]! <= cost) continue;
    const from = (first[s]! * KEYS + second[s]!) * words;
    for (let word = 0; word < words; word++) if (goods[from + word] !== 0) needs[s] = cost;
  }
}
