import type { PatternApproach } from '../../teaching/approaches/index.js';
import { coarser } from './coarser.js';
import type { Gathered } from './gathering.js';
import { inAllHolds } from './in-all-holds.js';
import { DOES_NOT_MATTER, PatternLooks, type Seen } from './pattern-looks.js';
import { looksMet } from './pattern-walks.js';
import { AWAY, packed, type Situations } from './situations.js';

/**
 * The situations of an approach that is data: every start of its stage and every look on the way to
 * its goal, each in all four holds; where the front must stay the front, looks after the first only in
 * the hold they are met in. Every case of the rank the engine takes is as good: turns break no tie.
 * @throws ApproachError when a case of the approach cannot be used.
 */
export function situationsOfPatterns(approach: PatternApproach): {
  situations: Situations;
  /** What it costs on average to go through the patterns in their order, sticker by sticker. */
  inOrder: number;
} {
  const looks = new PatternLooks(approach);
  const met = looksMet(looks);
  return {
    situations: inAllHolds(coarser(situationsSeen(looks, met)), looks.hold),
    inOrder: inOrder(looks, met),
  };
}

/** What was met, each with what is good in it, in the hold it is seen in. */
function situationsSeen(looks: PatternLooks, { codes, weight, count }: Gathered): Situations {
  const { cells, outcomes } = looks;
  const width = cells.length + 1;
  const words = Math.ceil(outcomes.length / 32);
  const lookables = cells.map((cell, look) => looks.lookable(cell, look));
  const seen = new Uint8Array(cells.length * count);
  for (let look = 0; look < cells.length; look++) {
    for (let s = 0; s < count; s++) {
      const code = codes[s * width + look]!;
      const roughly = lookables[look]!.rough[code & 7]!;
      seen[look * count + s] = packed(code & 7, roughly, code < DOES_NOT_MATTER);
    }
  }
  const good = new Int32Array(words * count);
  for (let s = 0; s < count; s++) {
    markGood(looks.seen, codes, s * width, width, good.subarray(s * words, (s + 1) * words));
  }
  const fixed = Uint8Array.from({ length: count }, (_, s) => codes[s * width + cells.length]!);
  return { lookables, outcomes, count, seen, good, words, weight, fixed };
}

/** The outcomes of the first rank that fits: in the engine's order, so that its choice is among them. */
function markGood(
  variants: readonly Seen[],
  codes: Uint8Array,
  from: number,
  width: number,
  good: Int32Array,
): void {
  const fixed = codes[from + width - 1] === 1;
  let best: Seen | undefined;
  for (const one of variants) {
    if (best && one.rank > best.rank) break;
    if (fixed && one.turn !== 0) continue;
    if (!fits(one, codes, from)) continue;
    best ??= one;
    good[one.outcome >> 5]! |= 1 << (one.outcome & 31);
  }
}

function fits({ looks, admits }: Seen, codes: Uint8Array, from: number): boolean {
  for (let k = 0; k < admits.length; k++) {
    if (((admits[k]! >> (codes[from + looks[k]!]! & 7)) & 1) === 0) return false;
  }
  return true;
}

/** Going through the patterns, those in the hold one has first; what was seen is remembered. */
function inOrder(looks: PatternLooks, { codes, weight, count }: Gathered): number {
  const order = [...looks.seen].sort((a, b) => a.rank - b.rank || AWAY[a.turn]! - AWAY[b.turn]!);
  const costs = looks.cells.map((cell, look) => looks.lookable(cell, look).cost);
  const width = costs.length + 1;
  const lookedIn = new Int32Array(costs.length).fill(-1);
  let mean = 0;
  for (let s = 0; s < count; s++) {
    let cost = 0;
    order.some(({ looks: asked, admits }) => {
      for (let k = 0; k < admits.length; k++) {
        const look = asked[k]!;
        if (lookedIn[look] !== s) {
          lookedIn[look] = s;
          cost += costs[look]!;
        }
        if (((admits[k]! >> (codes[s * width + look]! & 7)) & 1) === 0) return false;
      }
      return true;
    });
    mean += weight[s]! * cost;
  }
  return mean;
}
