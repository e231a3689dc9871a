import {
  colourOfValue,
  type Cube,
  faceInHold,
  HOME_HOLD,
  pieceAt,
  PLACE_COUNT,
  PLACES,
  STICKER_PLACE,
  stickerInHold,
  turnHold,
} from '../../puzzle/cube/index.js';
import type { Starts } from './starts.js';

// Where a place goes as the whole cube is turned round once, and what its value is called there.
const TO = new Uint8Array(PLACE_COUNT);
const BECOMES = new Uint8Array(PLACE_COUNT * 24);
const TURNED = turnHold(HOME_HOLD, 1, 1);

for (const { index, stickers } of PLACES) {
  const before = stickers.map((sticker) => stickerInHold(TURNED, sticker));
  const source = STICKER_PLACE[before[0]!]!;
  TO[source] = index;
  const slots = before.map((sticker) => PLACES[source]!.stickers.indexOf(sticker));
  for (let value = 0; value < 24; value++) {
    const faces = slots.map((slot) => faceInHold(TURNED, colourOfValue(source, value, slot)));
    for (let now = 0; now < 24; now++) {
      const same = faces.every((face, slot) => colourOfValue(index, now, slot) === face);
      if (same) BECOMES[source * 24 + value] = now;
    }
  }
}

/** The cube as it is after turning all of it round once, centres named anew. */
export function turnedRound(cube: Cube): Cube {
  const turned = new Uint8Array(PLACE_COUNT);
  turnInto(cube, turned);
  return turned;
}

/** A place whose piece does not matter. */
const ANY = 255;

function turnInto(cube: Uint8Array, turned: Uint8Array): void {
  for (let place = 0; place < PLACE_COUNT; place++) {
    const value = cube[place]!;
    turned[TO[place]!] = value === ANY ? ANY : BECOMES[place * 24 + value]!;
  }
}

/** A start by its number, and how many there are that are the same but for turning the cube round. */
export interface TurnedStart {
  readonly start: number;
  readonly alike: number;
}

/** One start of each set that are the same but for turning the whole cube about its upright axis. */
export function turnedStarts(starts: Starts): readonly TurnedStart[] {
  let known = found.get(starts);
  if (!known) found.set(starts, (known = [...find(starts)]));
  return known;
}

const found = new WeakMap<Starts, readonly TurnedStart[]>();

function* find(starts: Starts): Generator<TurnedStart> {
  const turned = [new Uint8Array(PLACE_COUNT), new Uint8Array(PLACE_COUNT)];
  for (let start = 0; start < starts.count; start++) {
    const cube = starts.cube(start);
    for (let place = 0; place < PLACE_COUNT; place++) {
      if (!starts.matter[pieceAt(cube, place)]) cube[place] = ANY;
    }
    let now = cube;
    let alike = 4;
    let least = true;
    for (let quarter = 1; quarter < 4 && least && alike === 4; quarter++) {
      const next = turned[quarter & 1]!;
      turnInto(now, next);
      now = next;
      const order = compare(now, cube);
      if (order < 0) least = false;
      if (order === 0) alike = quarter;
    }
    if (least) yield { start, alike };
  }
}

function compare(a: Uint8Array, b: Uint8Array): number {
  for (let k = 0; k < PLACE_COUNT; k++) if (a[k] !== b[k]) return a[k]! - b[k]!;
  return 0;
}
