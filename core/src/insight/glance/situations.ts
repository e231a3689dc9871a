/**
 * One thing to look at: a sticker, named by its place in the hold and the side it faces (`UFR.F`);
 * or, where an approach searches, a piece that is named by its home place: in which layer it is,
 * at which side or corner of that layer, which way it faces, or whether it is solved.
 */
export type Look =
  | { readonly sticker: string }
  | { readonly piece: string; readonly asks: 'layer' | 'where' | 'facing' | 'solved' };

/** A look, and what it costs: a sticker in sight 1, one at the back or left 2, one below 3. */
export interface Lookable {
  readonly look: Look;
  readonly cost: number;
  /** Looks that become each other as the whole cube is turned round have the same number. */
  readonly round: number;
  /**
   * What may be seen, by the code of the answer. Of a sticker: the sides of the hold that have the
   * colour in the middle, and what pieces show that do not matter (`BARE` a colour of any of them,
   * `BARE_OPPOSITE` the colour opposite the first). Of a piece: as its look numbers it.
   */
  readonly answers: readonly (readonly number[])[];
  /** By exact answer, the rough one: what it looks like while it is not told of which piece it is. */
  readonly rough: readonly number[];
}

export const BARE = 6;
export const BARE_OPPOSITE = 7;

/**
 * What to do: the case, and what it is done with. A case of one piece names the place where that
 * piece is: hold and lining-up follow from it. Any other says how often the whole cube is first
 * turned by `y`; where an approach searches, the case is all.
 */
export interface Outcome {
  readonly case: string;
  readonly piece?: string;
  readonly turn?: number;
}

/**
 * Everything an approach may be looking at, as one sees it in one hold, each with its weight and
 * with what is as good as what the engine would do. Alike ones are kept once.
 *
 * Colours of pieces that do not matter are not part of a start, so they cannot be told apart from
 * those of pieces that do until one colour of the piece has told which it is: until then a look
 * answers roughly, from then on exactly.
 */
export interface Situations {
  readonly lookables: readonly Lookable[];
  readonly outcomes: readonly Outcome[];
  readonly count: number;
  /**
   * What is seen, by look and then situation (`look · count + situation`): the exact answer (below
   * 8), the rough one above it, and whether the piece matters; read by `exactly`, `roughly`, `TELLS`.
   */
  readonly seen: Uint8Array;
  /** Bits by outcome, `words` numbers for each situation. */
  readonly good: Int32Array;
  readonly words: number;
  /** Parts of all looks; they add up to 1. */
  readonly weight: Float64Array;
  /** 1 where the hold is the one the situation is met in, and no other. */
  readonly fixed: Uint8Array;
}

/** Set where a look is at a piece that matters. */
export const TELLS = 64;
export const exactly = (seen: number): number => seen & 7;
export const roughly = (seen: number): number => (seen >> 3) & 7;
export const packed = (exact: number, rough: number, tells: boolean): number =>
  exact | (rough << 3) | (tells ? TELLS : 0);

/** Answers have codes below 8; rough ones, where both may be given, 8 more. */
export const KEYS = 16;

/** How far a number of quarter turns of the whole cube goes. */
export const AWAY = [0, 1, 2, 1];

/** What a look at a sticker costs, by the side of the hold it is on. */
const COSTS: Readonly<Record<string, number>> = { U: 1, F: 1, R: 1, L: 2, B: 2, D: 3 };

export const costOf = (sticker: string): number => COSTS[sticker.slice(sticker.indexOf('.') + 1)]!;

/** What it costs to see a piece: its sticker that is seen most easily decides. */
export const costOfPlace = (place: string): number =>
  Math.min(...[...place].map((side) => COSTS[side]!));

/** Whether rough and exact answers are the same throughout. */
export const isPlain = ({ seen }: Situations): boolean =>
  seen.every((one) => (one & TELLS) !== 0 && exactly(one) === roughly(one));
