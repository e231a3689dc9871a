import {
  type ColourScheme,
  type Cube,
  type Hold,
  holdsWithUp,
  HOME_HOLD,
  nearestHolds,
  paintStickers,
  pieceAt,
  PLACE_COUNT,
  PLACES,
  type Side,
  sideInHold,
  STICKER_COUNT,
  turnedOver,
  UP,
} from '../../puzzle/cube/index.js';
import type { PatternApproach } from '../../teaching/approaches/index.js';
import { compileApproach, matches, UNPAINTED, type Variant } from './compile.js';
import type { Choice } from './choice.js';
import { type Runner, Teller, type Told } from './runner.js';
import { triesOf } from './starts.js';
import type { Tries } from './tries.js';

// Three for each place, an edge's last one twice: flat, for a loop that runs for every look.
const STICKERS = Uint8Array.from(PLACES.flatMap(({ stickers: [a, b, c = b] }) => [a!, b!, c!]));

/** Paints the pieces that matter; the others are left unpainted, so that nothing can rely on them. */
function paintWhatMatters(cube: Cube, matter: Uint8Array, stickers: Uint8Array): void {
  paintStickers(cube, stickers);
  for (let place = 0; place < PLACE_COUNT; place++) {
    if (matter[pieceAt(cube, place)]) continue;
    const first = place * 3;
    stickers[STICKERS[first]!] = UNPAINTED;
    stickers[STICKERS[first + 1]!] = UNPAINTED;
    stickers[STICKERS[first + 2]!] = UNPAINTED;
  }
}

/**
 * Chooses the case to do next by patterns alone: lowest rank, then fewest turns, then the hold
 * nearest to the one before. Turning the whole cube about its upright axis therefore changes the
 * hold of what is chosen and nothing else; the exact distributions rely on it.
 */
export class PatternRunner implements Runner {
  readonly searching = undefined;
  private readonly up: Side;
  /** By the hold before: the variants in the order they are preferred, and those in that hold. */
  private readonly ordered: Variant[][] = [];
  private readonly inHold: Variant[][] = [];
  private readonly stickers = new Uint8Array(STICKER_COUNT);
  private readonly teller: Teller;

  constructor(
    readonly approach: PatternApproach,
    private readonly first: Side,
    scheme: ColourScheme,
  ) {
    const variants = compileApproach(approach, first, scheme);
    this.teller = new Teller(first, scheme);
    this.up = sideInHold(variants[0]!.hold, UP);
    for (const hold of holdsWithUp(this.up)) {
      const near = nearestHolds(hold);
      const away = (variant: Variant): number => near.indexOf(variant.hold);
      this.ordered[hold] = [...variants].sort(
        (a, b) => a.rank - b.rank || a.turnCount - b.turnCount || away(a) - away(b),
      );
      this.inHold[hold] = variants.filter((variant) => variant.hold === hold);
    }
  }

  next(cube: Cube, hold: Hold, begun: boolean, matter?: Uint8Array): readonly Choice[] {
    if (matter) paintWhatMatters(cube, matter, this.stickers);
    else paintStickers(cube, this.stickers);
    const now = turnedOver(hold, this.up);
    const variants = begun && this.approach.keepsHold ? this.inHold[now]! : this.ordered[now]!;
    for (const variant of variants) {
      if (matches(variant.cells, this.stickers)) return variant.alone;
    }
    return [];
  }

  tries(): Tries[] {
    return [triesOf(this, this.first)];
  }

  /** Every case the cube shows, in every hold and for every piece, best first. */
  fitting(cube: Cube): readonly Variant[] {
    paintStickers(cube, this.stickers);
    return this.ordered[turnedOver(HOME_HOLD, this.up)]!.filter(({ cells }) =>
      matches(cells, this.stickers),
    );
  }

  /** Those of the lowest rank that fits: what is as good to do. With a hold, in that hold alone. */
  asGood(cube: Cube, only?: Hold): Variant[] {
    paintStickers(cube, this.stickers);
    const found: Variant[] = [];
    for (const variant of this.ordered[turnedOver(HOME_HOLD, this.up)]!) {
      if (found.length > 0 && variant.rank > found[0]!.rank) break;
      if (only !== undefined && variant.hold !== only) continue;
      if (matches(variant.cells, this.stickers)) found.push(variant);
    }
    return found;
  }

  tell(choice: Choice, cube: Cube, before: Hold): Told {
    return this.teller.tell(choice, cube, before);
  }
}
