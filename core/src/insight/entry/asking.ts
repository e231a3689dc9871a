import {
  FRONT,
  type Hold,
  HOME_HOLD,
  RIGHT,
  stickerInHold,
  turnHold,
  UNSEEN,
  UP,
} from '../../puzzle/cube/index.js';
import type { Possible } from './possible.js';

/** The sides one sees at once in a hold, in the order they are asked. */
const SEEN_AT_ONCE = [UP, FRONT, RIGHT];

/** Two holds that show three sides each: the cube is re-held once, and every side was seen. */
export const ASKING_HOLDS: readonly Hold[] = [HOME_HOLD, turnHold(turnHold(HOME_HOLD, 0, 2), 1, 3)];

/** The cube's stickers that are seen in a hold, in the order they are asked. */
export const stickersAsked = (hold: Hold): number[] =>
  SEEN_AT_ONCE.flatMap((face) =>
    Array.from({ length: 9 }, (_, k) => stickerInHold(hold, face * 9 + k)),
  );

const ORDERS = ASKING_HOLDS.map((hold) => ({ hold, stickers: stickersAsked(hold) }));

/** The hold in which a sticker of the cube is asked for. */
export const holdAsking = (sticker: number): Hold =>
  ORDERS.find(({ stickers }) => stickers.includes(sticker))!.hold;

/** What is asked next: a sticker, and the hold in which it is asked. */
export interface Question {
  hold: Hold;
  sticker: number;
}

/**
 * The next sticker to ask for when one is not known yet: in the hold one has for as long as it
 * shows any, side by side and row by row. The first hold is the one that shows more of them.
 */
export function nextQuestion(known: ArrayLike<number>, hold?: Hold): Question | undefined {
  const open = (stickers: readonly number[]): number[] =>
    stickers.filter((sticker) => known[sticker] === UNSEEN);
  const asked = ORDERS.map((order) => ({ hold: order.hold, open: open(order.stickers) }))
    .filter((order) => order.open.length > 0)
    .sort((a, b) => b.open.length - a.open.length);
  const here = asked.find((order) => order.hold === hold) ?? asked[0];
  return here && { hold: here.hold, sticker: here.open[0]! };
}

/** The sticker that tells most: whose colours, over all cubes that are possible, are least certain. */
export function tellingSticker(known: ArrayLike<number>, { cubes, having }: Possible): number {
  let [best, most] = [-1, 0];
  for (let sticker = 0; sticker < known.length; sticker++) {
    if (known[sticker] !== UNSEEN) continue;
    let bits = 0;
    for (let colour = 0; colour < 6; colour++) {
      const share = having[sticker * 6 + colour]! / cubes;
      if (share > 0) bits -= share * Math.log2(share);
    }
    if (bits > most + 1e-9) [best, most] = [sticker, bits];
  }
  return best;
}
