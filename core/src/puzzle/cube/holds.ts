import type { Branded } from './brand.js';
import {
  NORMALS,
  quarterTurn,
  sideOfNormal,
  stickerAt,
  STICKERS,
  type Vector,
} from './geometry.js';
import { BACK, DOWN, FRONT, LEFT, opposite, RIGHT, type Side, SIDES, UP } from './sides.js';
import { quartersOfTurn, sideOfTurn, type Turn, turnOf } from './turns.js';

/**
 * A hold: which side of the cube is where in the person's hands. Branded 0…23; hold 0 has
 * white up and green in front.
 */
export type Hold = Branded<'hold'>;

export const HOLD_COUNT = 24;
export const HOLDS: readonly Hold[] = Array.from({ length: HOLD_COUNT }, (_, hold) => hold as Hold);

interface HoldData {
  /** `sides[face]`: the cube's side now lying where `face` (a side letter of the hold) is. */
  readonly sides: readonly Side[];
  /** `stickers[s]`: the cube's sticker now lying where sticker `s` of the hold is. */
  readonly stickers: Uint8Array;
}

function rightOf(up: Side, front: Side): Side {
  return sideOfNormal(quarterTurn(NORMALS[front]!, scale(NORMALS[up]!, -1)));
}

function scale(v: Vector, k: number): Vector {
  return [v[0] * k, v[1] * k, v[2] * k];
}

const DATA: HoldData[] = [];
const NUMBER_OF = new Int8Array(36).fill(-1);

for (const up of SIDES) {
  for (const front of SIDES) {
    if (front === up || front === opposite(up)) continue;
    const right = rightOf(up, front);
    const sides = [up, right, front, opposite(up), opposite(right), opposite(front)];
    const carried = (v: Vector): Vector => {
      const [r, u, f] = [NORMALS[right]!, NORMALS[up]!, NORMALS[front]!];
      return [0, 1, 2].map((i) => r[i]! * v[0] + u[i]! * v[1] + f[i]! * v[2]) as unknown as Vector;
    };
    const stickers = Uint8Array.from(STICKERS, ({ side, piece }) =>
      stickerAt(sides[side]!, carried(piece)),
    );
    NUMBER_OF[up * 6 + front] = DATA.length;
    DATA.push({ sides, stickers });
  }
}

/** Hold 0: white up, green in front. */
export const HOME_HOLD: Hold = NUMBER_OF[UP * 6 + FRONT]! as Hold;

/** The hold with these sides up and in front, or undefined when they are the same or opposite. */
export function holdOf(up: Side, front: Side): Hold | undefined {
  const hold = NUMBER_OF[up * 6 + front];
  return hold === undefined || hold < 0 ? undefined : (hold as Hold);
}

/** The cube's side that is at `face` (numbered as a side) in this hold. */
export const sideInHold = (hold: Hold, face: Side): Side => DATA[hold]!.sides[face]!;

/** The cube's sticker that is where sticker `sticker` is in hold 0. */
export const stickerInHold = (hold: Hold, sticker: number): number =>
  DATA[hold]!.stickers[sticker]!;

/** Where the cube's sticker is in this hold, numbered as in hold 0. */
export const stickerSeenInHold = (hold: Hold, sticker: number): number =>
  DATA[hold]!.stickers.indexOf(sticker);

/** A turn said in this hold, as a turn of the cube's own sides. */
export const turnInHold = (hold: Hold, turn: Turn): Turn =>
  turnOf(sideInHold(hold, sideOfTurn(turn)), quartersOfTurn(turn));

/** The four holds with `up` on top, in the order one meets them turning the cube by `y`. */
export function holdsWithUp(up: Side): Hold[] {
  const start = [FRONT, RIGHT, UP].find((side) => side !== up && side !== opposite(up))!;
  const first = holdOf(up, start)!;
  return [FRONT, RIGHT, BACK, LEFT].map((face) => holdOf(up, sideInHold(first, face))!);
}

/** Which sides of the old hold come up and to the front by one clockwise turn as `R U F` would. */
const AFTER: readonly { up: Side; front: Side }[] = [
  { up: FRONT, front: DOWN },
  { up: UP, front: RIGHT },
  { up: LEFT, front: FRONT },
];

/** The hold after turning the whole cube: axis 0 is `x` (as `R`), 1 is `y`, 2 is `z`. */
export function turnHold(hold: Hold, axis: number, quarters: number): Hold {
  let now = hold;
  for (let k = 0; k < quarters; k++) {
    const { up, front } = AFTER[axis]!;
    now = holdOf(sideInHold(now, up), sideInHold(now, front))!;
  }
  return now;
}

/** Where the cube's `side` is in this hold, numbered as a side letter of the hold. */
export const faceInHold = (hold: Hold, side: Side): Side => DATA[hold]!.sides.indexOf(side) as Side;

/** A turn of the cube's own sides, as it is said in this hold. */
export const turnSeenInHold = (hold: Hold, turn: Turn): Turn =>
  turnOf(faceInHold(hold, sideOfTurn(turn)), quartersOfTurn(turn));

/**
 * The hold with `up` on top that is nearest: the front stays in front where it can; otherwise what
 * was on top comes to the front.
 */
export function turnedOver(hold: Hold, up: Side): Hold {
  if (sideInHold(hold, UP) === up) return hold;
  return holdOf(up, sideInHold(hold, FRONT)) ?? holdOf(up, sideInHold(hold, UP))!;
}

/** Holds with the same side up, nearest first: none, one quarter either way, half way round. */
export const nearestHolds = (hold: Hold): Hold[] =>
  [0, 1, 3, 2].map((quarters) => turnHold(hold, 1, quarters));
