import type { Branded } from './brand.js';
import type { Cube } from './cube.js';
import { stickerTargets } from './geometry.js';
import { inLayer, PLACES, STICKER_PLACE, STICKER_SLOT } from './pieces.js';
import { type Side, SIDES } from './sides.js';

/**
 * A turn of one side: `3·side + quarters − 1`, so 0…17. Quarters 1 is clockwise as seen looking
 * at that side, 2 a half turn, 3 counter-clockwise.
 */
export type Turn = Branded<'turn'>;

export const TURN_COUNT = 18;
export const TURNS: readonly Turn[] = Array.from({ length: TURN_COUNT }, (_, turn) => turn as Turn);

export const turnOf = (side: Side, quarters: number): Turn =>
  (side * 3 + (((quarters % 4) + 4) % 4) - 1) as Turn;
export const sideOfTurn = (turn: Turn): Side => ((turn / 3) | 0) as Side;
export const quartersOfTurn = (turn: Turn): number => (turn % 3) + 1;
export const inverseTurn = (turn: Turn): Turn => (sideOfTurn(turn) * 3 + 2 - (turn % 3)) as Turn;

/** `STICKER_TARGETS[turn][s]`: where sticker `s` goes by that turn. */
export const STICKER_TARGETS: readonly Uint8Array[] = SIDES.flatMap((side) => {
  const once = stickerTargets(side, inLayer(side));
  const twice = once.map((target) => once[target]!);
  return [once, twice, twice.map((target) => once[target]!)];
});

/** `STICKER_SOURCES[turn][s]`: which sticker comes to `s` by that turn. */
export const STICKER_SOURCES: readonly Uint8Array[] = STICKER_TARGETS.map(
  (_, turn) => STICKER_TARGETS[inverseTurn(turn as Turn)]!,
);

// Per turn, eight entries: the place written, the place read, and the twist added on the way.
const TO = new Uint8Array(TURN_COUNT * 8);
const FROM = new Uint8Array(TURN_COUNT * 8);
const SHIFT = new Uint8Array(TURN_COUNT * 8);
STICKER_TARGETS.forEach((targets, turn) => {
  let entry = turn * 8;
  for (const place of PLACES) {
    const target = targets[place.stickers[0]!]!;
    if (target === place.stickers[0]) continue;
    TO[entry] = STICKER_PLACE[target]!;
    FROM[entry] = place.index;
    SHIFT[entry] = STICKER_SLOT[target]! * 24;
    entry++;
  }
});

// TWISTED[24·shift + value]: the value after twisting by `shift`.
const CORNER_TWISTED = Uint8Array.from({ length: 72 }, (_, k) => {
  const value = k % 24;
  return value - (value % 3) + (((value % 3) + Math.floor(k / 24)) % 3);
});
const EDGE_TWISTED = Uint8Array.from({ length: 48 }, (_, k) => (k % 24) ^ Math.floor(k / 24));

/** Turns the cube in place; no allocation. */
export function applyTurn(cube: Cube, turn: Turn): void {
  const e = turn * 8;
  const a = CORNER_TWISTED[SHIFT[e]! + cube[FROM[e]!]!]!;
  const b = CORNER_TWISTED[SHIFT[e + 1]! + cube[FROM[e + 1]!]!]!;
  const c = CORNER_TWISTED[SHIFT[e + 2]! + cube[FROM[e + 2]!]!]!;
  const d = CORNER_TWISTED[SHIFT[e + 3]! + cube[FROM[e + 3]!]!]!;
  cube[TO[e]!] = a;
  cube[TO[e + 1]!] = b;
  cube[TO[e + 2]!] = c;
  cube[TO[e + 3]!] = d;
  const f = EDGE_TWISTED[SHIFT[e + 4]! + cube[FROM[e + 4]!]!]!;
  const g = EDGE_TWISTED[SHIFT[e + 5]! + cube[FROM[e + 5]!]!]!;
  const h = EDGE_TWISTED[SHIFT[e + 6]! + cube[FROM[e + 6]!]!]!;
  const i = EDGE_TWISTED[SHIFT[e + 7]! + cube[FROM[e + 7]!]!]!;
  cube[TO[e + 4]!] = f;
  cube[TO[e + 5]!] = g;
  cube[TO[e + 6]!] = h;
  cube[TO[e + 7]!] = i;
}

/** Turns kept as bytes. */
export const turnsIn = (bytes: Uint8Array): Turn[] => Array.from(bytes, (turn) => turn as Turn);

/** Turns the cube in place by each turn in order. */
export function applyTurns(cube: Cube, turns: Iterable<Turn> | Uint8Array): Cube {
  for (const turn of turns) applyTurn(cube, turn as Turn);
  return cube;
}
