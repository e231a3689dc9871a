import { type Colour, COLOURS, type ColourScheme, readScheme, STANDARD_SCHEME } from './colours.js';
import { type Cube, paintStickers, placeValue } from './cube.js';
import { type Hold, stickerInHold } from './holds.js';
import { PLACES } from './pieces.js';
import { fail, ok, type Result } from './result.js';
import { SIDES } from './sides.js';
import { SAY } from './said.js';

/** Colours as seen on the 54 stickers (a colour is the side whose centre has it); −1 is unseen. */
export type Painted = Int8Array;

export const UNSEEN = -1;
export const STICKER_COUNT = 54;

/** The Cube document, `sleetcrest/cube@1`. `scheme` is left out for the standard scheme. */
export interface CubeDocument {
  format: 'sleetcrest/cube@1';
  scheme?: Record<SchemeSide, Colour>;
  faces: Record<Colour, (Colour | null)[]>;
}

export const SCHEME_SIDES = ['up', 'right', 'front', 'down', 'left', 'back'] as const;
type SchemeSide = (typeof SCHEME_SIDES)[number];

/** What is wrong in a document: where, as a path such as `faces.white.4`, and what to mend. */
export interface DocumentError {
  path: string;
  message: string;
}

/** A painted cube and the scheme its colours are named by. */
export interface PaintedCube {
  painted: Painted;
  scheme: ColourScheme;
}

/**
 * Reads the stickers of a Cube document. The shape is the contract's affair; what is checked here
 * is that the centres agree with their sides and that the scheme names each colour once.
 */
export function readCubeDocument(document: CubeDocument): Result<PaintedCube, DocumentError> {
  const { scheme: named } = document;
  const read = readScheme(named ? SCHEME_SIDES.map((side) => named[side]) : STANDARD_SCHEME);
  if (!read.ok) return fail({ path: 'scheme', message: read.error });
  const scheme = read.value;
  const painted = new Int8Array(STICKER_COUNT);
  for (const side of SIDES) {
    const colour = scheme[side]!;
    const face = document.faces[colour] as readonly (Colour | null)[] | undefined;
    for (let k = 0; k < 9; k++) {
      const seen = face?.[k];
      painted[side * 9 + k] = seen == null ? UNSEEN : scheme.indexOf(seen);
    }
    if (painted[side * 9 + 4] !== side) {
      return fail({
        path: `faces.${colour}.4`,
        message: SAY.wrongCentre({ colour }),
      });
    }
  }
  return ok({ painted, scheme });
}

/** The colours of one side, as its stickers are numbered. */
function writeFace(
  painted: ArrayLike<number>,
  side: number,
  scheme: ColourScheme,
): (Colour | null)[] {
  const face: (Colour | null)[] = [];
  for (let sticker = side * 9; sticker < side * 9 + 9; sticker++) {
    const seen = painted[sticker]!;
    face.push(seen === UNSEEN ? null : scheme[seen]!);
  }
  return face;
}

export function writePainted(painted: ArrayLike<number>, scheme: ColourScheme): CubeDocument {
  const faces = {} as CubeDocument['faces'];
  for (const side of SIDES) faces[scheme[side]!] = writeFace(painted, side, scheme);
  const standard = COLOURS.every((colour, side) => scheme[side] === colour);
  if (standard) return { format: 'sleetcrest/cube@1', faces };
  const named = Object.fromEntries(SCHEME_SIDES.map((side, k) => [side, scheme[k]!]));
  return { format: 'sleetcrest/cube@1', scheme: named as Record<SchemeSide, Colour>, faces };
}

export function paintedFromCube(cube: Cube): Painted {
  const stickers = new Uint8Array(STICKER_COUNT);
  paintStickers(cube, stickers);
  return Int8Array.from(stickers);
}

export const writeCubeDocument = (cube: Cube, scheme = STANDARD_SCHEME): CubeDocument =>
  writePainted(paintedFromCube(cube), scheme);

/** A cube with only its centres seen. */
export const unseenCube = (): Painted =>
  Int8Array.from({ length: STICKER_COUNT }, (_, s) => (s % 9 === 4 ? Math.floor(s / 9) : UNSEEN));

/** What the stickers of one place show: a piece with its twist, or why it is none. */
export type SeenPiece =
  | { kind: 'piece'; piece: number; twist: number }
  | { kind: 'mirrored'; piece: number }
  | { kind: 'none' }
  | { kind: 'unseen' };

// A place's colours, as digits in base 6, to the piece that shows them so.
const BY_COLOURS = new Map<number, SeenPiece>();
const code = (colours: ArrayLike<number>): number =>
  Array.prototype.reduce.call(
    colours,
    (sum, c) => (sum as number) * 6 + (c as number),
    colours.length,
  ) as number;

for (const { index, sides } of PLACES) {
  for (let twist = 0; twist < sides.length; twist++) {
    const shown = sides.map((_, slot) => sides[(slot - twist + sides.length) % sides.length]!);
    BY_COLOURS.set(code(shown), { kind: 'piece', piece: index, twist });
    if (sides.length === 3) {
      BY_COLOURS.set(code([...shown].reverse()), { kind: 'mirrored', piece: index });
    }
  }
}

/** Whether some piece, in some twist, shows these colours where they are seen. */
function canBe(colours: number[]): boolean {
  for (const { sides } of PLACES) {
    if (sides.length !== colours.length) continue;
    for (let twist = 0; twist < sides.length; twist++) {
      const fits = colours.every(
        (c, slot) => c === UNSEEN || c === sides[(slot - twist + sides.length) % sides.length],
      );
      if (fits) return true;
    }
  }
  return false;
}

/** What sits at a place (0…19) of a painted cube. */
export function seenAt(painted: Painted, place: number): SeenPiece {
  const colours = PLACES[place]!.stickers.map((s) => painted[s]!);
  if (colours.includes(UNSEEN)) return canBe(colours) ? { kind: 'unseen' } : { kind: 'none' };
  return BY_COLOURS.get(code(colours)) ?? { kind: 'none' };
}

/** The pieces of a painted cube; only to be asked of one without problems (see `findProblems`). */
export function cubeFromPainted(painted: Painted): Cube {
  return Uint8Array.from(PLACES, ({ index }) => {
    const seen = seenAt(painted, index);
    return seen.kind === 'piece' ? placeValue(seen.piece, seen.twist) : 255;
  });
}

/** Stickers as they lie in a hold, by colour; null where not painted. */
export function stickersSeen(
  painted: ArrayLike<number>,
  scheme: ColourScheme,
  hold: Hold,
): (Colour | null)[] {
  return Array.from({ length: painted.length }, (_, sticker) => {
    const colour = painted[stickerInHold(hold, sticker)]!;
    return colour === UNSEEN ? null : scheme[colour]!;
  });
}
