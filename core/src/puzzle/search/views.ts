import {
  colourAt,
  type Cube,
  cubeFromPainted,
  faceInHold,
  type Hold,
  HOME_HOLD,
  opposite,
  sideOfTurn,
  STICKER_COUNT,
  stickerInHold,
  type Turn,
  turnHold,
  TURNS,
  turnSeenInHold,
} from '../cube/index.js';

/** The cube as it looks in a hold: the same cube, its sides renamed by where they are. */
export function seenIn(hold: Hold, cube: Cube): Cube {
  return cubeFromPainted(
    Int8Array.from({ length: STICKER_COUNT }, (_, sticker) =>
      faceInHold(hold, colourAt(cube, stickerInHold(hold, sticker))),
    ),
  );
}

/** Three holds that bring each pair of opposite sides up and down. */
export const VIEWS: readonly Hold[] = [
  HOME_HOLD,
  turnHold(turnHold(HOME_HOLD, 0, 1), 1, 1),
  turnHold(turnHold(HOME_HOLD, 2, 3), 1, 3),
];

/** `SEEN_TURNS[view][turn]`: how a turn of the cube's own sides is said in that view. */
export const SEEN_TURNS: readonly Uint8Array[] = VIEWS.map((hold) =>
  Uint8Array.from(TURNS, (turn) => turnSeenInHold(hold, turn)),
);

/**
 * Whether a turn after another says nothing new: the same side again, or opposite sides in the
 * order that is not tried. `before` is undefined at the beginning.
 */
export function isIdle(before: Turn | undefined, turn: Turn): boolean {
  if (before === undefined) return false;
  const [earlier, later] = [sideOfTurn(before), sideOfTurn(turn)];
  return earlier === later || (earlier === opposite(later) && earlier > later);
}
