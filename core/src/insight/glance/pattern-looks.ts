import {
  CORNER_COUNT,
  faceInHold,
  type Hold,
  holdsWithUp,
  opposite,
  PLACE_COUNT,
  PLACES,
  type Side,
  SIDE_LETTERS,
  SIDES,
  STANDARD_SCHEME,
  STICKER_PLACE,
  STICKER_SLOT,
  stickerInHold,
  stickerSeenInHold,
  turnHold,
  UP,
} from '../../puzzle/cube/index.js';
import type { PatternApproach } from '../../teaching/approaches/index.js';
import { compileApproach, startsOf, UNPAINTED, type Variant } from '../../engine/run/index.js';
import { BARE, BARE_OPPOSITE, costOf, type Lookable, type Outcome } from './situations.js';

/** Any first colour will do: what is looked at is the same. */
export const FIRST = UP;
/** Marks the code of a sticker of a piece that does not matter. */
export const DOES_NOT_MATTER = 8;

/** A variant as seen in the reader's hold: looks by number, and the codes each may show, as bits. */
export interface Seen {
  readonly looks: readonly number[];
  readonly admits: Uint8Array;
  readonly outcome: number;
  /** How often the cube is turned by `y` to come to its hold. */
  readonly turn: number;
  readonly rank: number;
}

interface Masked {
  readonly looks: readonly number[];
  readonly masks: readonly number[];
}

/** What the patterns of an approach look at, in the hold its reader begins with. */
export class PatternLooks {
  readonly up: Side;
  readonly hold: Hold;
  readonly variants: readonly Variant[];
  /** Stickers, numbered in the hold. */
  readonly cells: readonly number[];
  readonly seen: readonly Seen[];
  readonly outcomes: Outcome[] = [];
  /** By cell, then what it shows: answers that no case tells apart have the same code below 8. */
  readonly codes: Uint8Array;
  readonly matter: Uint8Array;
  /** Edges that do not matter are told by the opposite colour where those that do may lack the first. */
  readonly tellsBare: boolean;
  /** Colours, as sides, that pieces show which do not matter: corners, edges. */
  private readonly bareColours: readonly [Set<Side>, Set<Side>];

  constructor(readonly approach: PatternApproach) {
    this.up = approach.up === 'first' ? FIRST : opposite(FIRST);
    this.hold = holdsWithUp(this.up)[0]!;
    this.variants = compileApproach(approach, FIRST, STANDARD_SCHEME);
    this.matter = startsOf(approach.stage, approach.after, FIRST).matter;
    const colours = (from: number, to: number): Set<Side> =>
      new Set(
        PLACES.slice(from, to)
          .filter(({ index }) => !this.matter[index])
          .flatMap(({ sides }) => sides),
      );
    this.bareColours = [colours(0, CORNER_COUNT), colours(CORNER_COUNT, PLACE_COUNT)];
    const edges = PLACES.slice(CORNER_COUNT);
    this.tellsBare =
      edges.some(({ index, sides }) => this.matter[index] && !sides.includes(FIRST)) &&
      edges.some(({ index }) => !this.matter[index]);
    const cells = new Set<number>();
    for (const { cells: asked } of this.variants) {
      for (let k = 0; k < asked.length; k += 2) cells.add(stickerSeenInHold(this.hold, asked[k]!));
    }
    this.cells = [...cells].sort((a, b) => a - b);
    const masked = this.variants.map(({ cells: asked }) => this.maskedOf(asked));
    this.codes = Uint8Array.from(this.cells.flatMap((_, cell) => this.codesAt(cell, masked)));
    this.seen = this.variants.map((variant, k) => this.seenOf(variant, masked[k]!));
  }

  /** The looks of a variant, and the colours each may show, as bits by side of the hold. */
  private maskedOf(asked: Uint8Array): Masked {
    const looks: number[] = [];
    const masks: number[] = [];
    for (let k = 0; k < asked.length; k += 2) {
      looks.push(this.cells.indexOf(stickerSeenInHold(this.hold, asked[k]!)));
      masks.push(this.maskInHold(asked[k + 1]!));
    }
    return { looks, masks };
  }

  private seenOf(variant: Variant, { looks, masks }: Masked): Seen {
    const { hold, rank } = variant;
    const turn = [0, 1, 2, 3].findIndex((y) => turnHold(this.hold, 1, y) === hold);
    return {
      looks,
      admits: Uint8Array.from(masks, (mask, k) => this.codesIn(looks[k]!, mask)),
      outcome: this.outcomeOf(variant, turn),
      turn,
      rank,
    };
  }

  private outcomeOf({ case: { id, pieces }, places }: Variant, turn: number): number {
    const inHold = (place: number): string =>
      PLACES[STICKER_PLACE[stickerSeenInHold(this.hold, PLACES[place]!.stickers[0]!)]!]!.name;
    const outcome =
      pieces.length === 1 ? { case: id, piece: inHold(places[0]!) } : { case: id, turn };
    const known = this.outcomes.findIndex((one) => JSON.stringify(one) === JSON.stringify(outcome));
    return known < 0 ? this.outcomes.push(outcome) - 1 : known;
  }

  private maskInHold(mask: number): number {
    const bare = (mask >> UNPAINTED) & 1;
    return SIDES.reduce(
      (bits, side) => bits | (((mask >> side) & 1) << faceInHold(this.hold, side)),
      (bare << UNPAINTED) | (bare << BARE_OPPOSITE),
    );
  }

  private codesAt(cell: number, masked: readonly Masked[]): number[] {
    const masks = masked.flatMap(({ looks, masks: all }) =>
      all.filter((_, k) => looks[k] === cell),
    );
    const kinds = [...new Set(masks)];
    const known = new Map<string, number>();
    return Array.from({ length: 8 }, (_, shows) => {
      const bare = shows === UNPAINTED ? 'a' : shows === BARE_OPPOSITE ? 'b' : '';
      const key = kinds.map((mask) => (mask >> shows) & 1).join('') + (this.tellsBare ? bare : '');
      if (!known.has(key)) known.set(key, known.size);
      return known.get(key)!;
    });
  }

  /** The codes a mask admits at a look, as bits. */
  private codesIn(look: number, mask: number): number {
    let bits = 0;
    for (let shows = 0; shows < 8; shows++) {
      if ((mask >> shows) & 1) bits |= 1 << this.codes[look * 8 + shows]!;
    }
    return bits;
  }

  /**
   * What a look answers while the piece is not told, by exact code: colours that only pieces have
   * which matter, as they are; all others alike.
   */
  private roughAt(cell: number, look: number): number[] {
    const rough = [0, 1, 2, 3, 4, 5, 6, 7];
    const colours = this.bareColours[STICKER_PLACE[cell]! < CORNER_COUNT ? 0 : 1];
    if (colours.size === 0) return rough;
    const codeOf = (shows: number): number => this.codes[look * 8 + shows]!;
    const rest = codeOf(BARE);
    const ofOpposite = this.tellsBareAt(cell) ? codeOf(BARE_OPPOSITE) : rest;
    for (const side of colours) {
      rough[codeOf(faceInHold(this.hold, side))] = side === opposite(FIRST) ? ofOpposite : rest;
    }
    rough[rest] = rest;
    rough[codeOf(BARE_OPPOSITE)] = ofOpposite;
    return rough;
  }

  /** Whether the opposite colour there says that the piece does not matter. */
  private tellsBareAt(cell: number): boolean {
    return this.tellsBare && STICKER_PLACE[cell]! >= CORNER_COUNT;
  }

  lookable(cell: number, look: number): Lookable {
    const place = PLACES[STICKER_PLACE[cell]!]!;
    const sticker = `${place.name}.${SIDE_LETTERS[place.sides[STICKER_SLOT[cell]!]!]!}`;
    const answers: number[][] = Array.from({ length: 8 }, () => []);
    for (const shows of [...SIDES, ...(this.tellsBareAt(cell) ? [BARE, BARE_OPPOSITE] : [BARE])]) {
      answers[this.codes[look * 8 + shows]!]!.push(shows);
    }
    const round = Math.min(
      ...[0, 1, 2, 3].map((y) =>
        stickerSeenInHold(this.hold, stickerInHold(turnHold(this.hold, 1, y), cell)),
      ),
    );
    const rough = this.roughAt(cell, look);
    return { look: { sticker }, cost: costOf(sticker), round, answers, rough };
  }
}
