import {
  faceInHold,
  type Hold,
  PLACES,
  type Side,
  STICKER_PLACE,
  stickerInHold,
  stickerSeenInHold,
  turnHold,
} from '../../puzzle/cube/index.js';
import { stickerCalled } from '../../engine/run/index.js';
import { lowestBit } from './bits.js';
import { Gathering } from './gathering.js';
import type { Lookable, Outcome, Situations } from './situations.js';

/**
 * Situations in the holds they are met in, as they look in each of the four: a reader may hold the
 * cube in any. Those that are fixed stay in theirs.
 */
export function inAllHolds(situations: Situations, hold: Hold): Situations {
  const { lookables, outcomes, count, words, weight, fixed } = situations;
  const width = lookables.length;
  const turned = turnHold(hold, 1, 1);
  const from = lookables.map(({ look }) => {
    const sticker = stickerSeenInHold(hold, stickerInHold(turned, numberOf(look)));
    return lookables.findIndex((one) => numberOf(one.look) === sticker);
  });
  const becomes = lookables.map((one, look) =>
    codesAfter(lookables[from[look]!]!, one, hold, turned),
  );
  const outcomeAfter = outcomes.map((one) =>
    outcomes.findIndex((other) => isTurned(one, other, hold, turned)),
  );

  const gathering = new Gathering(width + 1);
  // By situation in all holds: which one it is, turned how often.
  const sources: number[] = [];
  // Millions of times through here: nothing is made anew that need not be.
  let now = new Uint8Array(width + 1);
  let next = new Uint8Array(width + 1);
  for (let s = 0; s < count; s++) {
    for (let look = 0; look < width; look++) now[look] = situations.seen[look * count + s]!;
    const isFixed = fixed[s]!;
    now[width] = isFixed;
    const holds = isFixed ? 1 : 4;
    for (let quarter = 0; quarter < holds; quarter++) {
      const at = gathering.add(now, weight[s]! / holds);
      if (at === sources.length) sources.push(s * 4 + quarter);
      if (quarter === holds - 1) break;
      for (let look = 0; look < width; look++) next[look] = becomes[look]![now[from[look]!]!]!;
      next[width] = 0;
      [now, next] = [next, now];
    }
  }
  const all = gathering.all();
  const seen = new Uint8Array(width * all.count);
  for (let s = 0; s < all.count; s++) {
    for (let look = 0; look < width; look++) {
      seen[look * all.count + s] = all.codes[s * (width + 1) + look]!;
    }
  }
  const good = new Int32Array(words * all.count);
  const after = [...outcomes.keys()].map((k) => [k]);
  for (const to of after) for (let k = 0; k < 3; k++) to.push(outcomeAfter[to[k]!]!);
  sources.forEach((source, s) => {
    const quarter = source & 3;
    const from = (source >> 2) * words;
    for (let word = 0; word < words; word++) {
      for (let bits = situations.good[from + word]!; bits !== 0; bits &= bits - 1) {
        const to = after[word * 32 + lowestBit(bits)]![quarter]!;
        good[s * words + (to >> 5)]! |= 1 << (to & 31);
      }
    }
  });
  return {
    ...situations,
    count: all.count,
    seen,
    good,
    weight: all.weight,
    fixed: Uint8Array.from({ length: all.count }, (_, s) => all.codes[s * (width + 1) + width]!),
  };
}

const numberOf = (look: Lookable['look']): number =>
  'sticker' in look ? stickerCalled(look.sticker)! : -1;

/** What was seen at a look, as seen at the look it becomes: by all that is packed. */
function codesAfter(before: Lookable, after: Lookable, hold: Hold, turned: Hold): Uint8Array {
  const codes = new Uint8Array(8);
  before.answers.forEach((shows, code) => {
    const [one] = shows;
    if (one === undefined) return;
    const face = one < 6 ? faceAfter(one as Side, hold, turned) : one;
    codes[code] = after.answers.findIndex((all) => all.includes(face));
  });
  return Uint8Array.from(
    { length: 128 },
    (_, seen) => codes[seen & 7]! | (codes[(seen >> 3) & 7]! << 3) | (seen & 64),
  );
}

/** Where the colour of a side of the hold is once the cube has been turned. */
const faceAfter = (face: Side, hold: Hold, turned: Hold): Side =>
  faceInHold(turned, sideOf(hold, face));

const sideOf = (hold: Hold, face: Side): Side =>
  ([0, 1, 2, 3, 4, 5] as Side[]).find((side) => faceInHold(hold, side) === face)!;

/** Whether one outcome is the other once the cube has been turned. */
function isTurned(one: Outcome, other: Outcome, hold: Hold, turned: Hold): boolean {
  if (one.case !== other.case) return false;
  if (one.piece) return placeAfter(one.piece, hold, turned) === other.piece;
  return (one.turn! + 3) % 4 === other.turn;
}

function placeAfter(name: string, hold: Hold, turned: Hold): string {
  const place = PLACES.find((one) => one.name === name)!;
  const sticker = stickerSeenInHold(turned, stickerInHold(hold, place.stickers[0]!));
  return PLACES[STICKER_PLACE[sticker]!]!.name;
}
