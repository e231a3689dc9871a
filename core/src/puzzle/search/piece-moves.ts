import {
  applyTurn,
  CORNER_COUNT,
  type Cube,
  pieceAt,
  PLACE_COUNT,
  placeOfPiece,
  placeValue,
  solvedCube,
  TURN_COUNT,
  TURNS,
  twistAt,
} from '../cube/index.js';

/**
 * Where one piece is and how it is twisted, as a number 0…23: a corner `3·place + twist`, an edge
 * `2·(place − 8) + flip`. The mirror of a cube's bytes, which say which piece a place holds.
 */
export type Whereabouts = number;

/** `MOVED.corner[turn·24 + whereabouts]`, and the same for edges: where a turn takes a piece. */
export const MOVED = {
  corner: new Uint8Array(TURN_COUNT * 24),
  edge: new Uint8Array(TURN_COUNT * 24),
};

for (const turn of TURNS) {
  const cube = solvedCube();
  applyTurn(cube, turn);
  for (let place = 0; place < PLACE_COUNT; place++) {
    const [from, twist] = [pieceAt(cube, place), twistAt(cube, place)];
    const [table, kinds] = place < CORNER_COUNT ? [MOVED.corner, 3] : [MOVED.edge, 2];
    for (let before = 0; before < kinds; before++) {
      table[turn * 24 + placeValue(from, before)] = placeValue(place, (before + twist) % kinds);
    }
  }
}

/** Where a piece (numbered by its home place) is on the cube. */
export function whereIs(cube: Cube, piece: number): Whereabouts {
  const place = placeOfPiece(cube, piece);
  return placeValue(place, twistAt(cube, place));
}

/** The whereabouts of a piece at home. */
export const atHome = (piece: number): Whereabouts => placeValue(piece, 0);

/** The place in a piece's whereabouts, given whether it is a corner. */
export const placeOf = (where: Whereabouts, kind: 'corner' | 'edge'): number =>
  kind === 'corner' ? (where / 3) | 0 : CORNER_COUNT + (where >> 1);
