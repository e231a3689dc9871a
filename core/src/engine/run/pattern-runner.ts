import {
  type ColourScheme,
  type Cube,
  type Hold,
  holdsWithUp,
  HOME_HOLD,
  nearestHolds,
  pieceAt,
  PLACE_COUNT,
  type Side,
  sideInHold,
  turnedOver,
  UP,
} from '../../puzzle/cube/index.js';
import type { PatternApproach } from '../../teaching/approaches/index.js';
import { COVERED, matches } from './asks.js';
import { compileApproach, type Variant } from './compile.js';
import type { Choice } from './choice.js';
import { type Runner, Teller, type Told } from './runner.js';
import { triesOf } from './starts.js';
import type { Tries } from './tries.js';

/** Shows the pieces that matter; the others are covered, so that nothing can rely on them. */
function showWhatMatters(cube: Cube, matter: Uint8Array, shown: Uint8Array): void {
  for (let place = 0; place < PLACE_COUNT; place++) {
    shown[place] = matter[pieceAt(cube, place)] ? cube[place]! : COVERED;
  }
}

/** Variants in an order, and what each asks of its most telling place: most are turned away by this alone. */
interface Listed {
  readonly variants: readonly Variant[];
  /** A place for each, and its values as a bit mask; flat, as this is read for every look. */
  readonly places: Uint8Array;
  readonly values: Int32Array;
}

const listed = (variants: readonly Variant[]): Listed => ({
  variants,
  places: Uint8Array.from(variants, ({ asks: [place = 0] }) => place),
  values: Int32Array.from(variants, ({ asks: [, values = -1] }) => values),
});

/** The first variant of a list whose places have what it asks. */
function firstMatch({ variants, places, values }: Listed, shown: Uint8Array): Variant | undefined {
  for (let k = 0; k < variants.length; k++) {
    if (((values[k]! >> shown[places[k]!]!) & 1) === 0) continue;
    const variant = variants[k]!;
    if (matches(variant.asks, shown)) return variant;
  }
  return undefined;
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
  private readonly ordered: Listed[] = [];
  private readonly inHold: Listed[] = [];
  private readonly shown = new Uint8Array(PLACE_COUNT);
  private readonly teller: Teller;
  /** What was told of each variant, by the hold before and the pieces: walk after walk says the same. */
  private readonly told = new Map<Choice, Map<number, Told>>();

  constructor(
    readonly approach: PatternApproach,
    private readonly first: Side,
    scheme: ColourScheme,
  ) {
    const variants = compileApproach(approach, first, scheme);
    this.teller = new Teller(first, scheme);
    for (const variant of variants) this.told.set(variant, new Map());
    this.up = sideInHold(variants[0]!.hold, UP);
    for (const hold of holdsWithUp(this.up)) {
      const near = nearestHolds(hold);
      const away = (variant: Variant): number => near.indexOf(variant.hold);
      const ordered = [...variants].sort(
        (a, b) => a.rank - b.rank || a.turnCount - b.turnCount || away(a) - away(b),
      );
      this.ordered[hold] = listed(ordered);
      this.inHold[hold] = listed(variants.filter((variant) => variant.hold === hold));
    }
  }

  next(cube: Cube, hold: Hold, begun: boolean, matter?: Uint8Array): readonly Choice[] {
    if (matter) showWhatMatters(cube, matter, this.shown);
    const now = turnedOver(hold, this.up);
    const among = begun && this.approach.keepsHold ? this.inHold[now]! : this.ordered[now]!;
    return firstMatch(among, matter ? this.shown : cube)?.alone ?? [];
  }

  tries(): Tries[] {
    return [triesOf(this, this.first)];
  }

  /** Every case the cube shows, in every hold and for every piece, best first. */
  fitting(cube: Cube): readonly Variant[] {
    return this.ordered[turnedOver(HOME_HOLD, this.up)]!.variants.filter(({ asks }) =>
      matches(asks, cube),
    );
  }

  /** Those of the lowest rank that fits: what is as good to do. With a hold, in that hold alone. */
  asGood(cube: Cube, only?: Hold): Variant[] {
    const found: Variant[] = [];
    for (const variant of this.ordered[turnedOver(HOME_HOLD, this.up)]!.variants) {
      if (found.length > 0 && variant.rank > found[0]!.rank) break;
      if (only !== undefined && variant.hold !== only) continue;
      if (matches(variant.asks, cube)) found.push(variant);
    }
    return found;
  }

  tell(choice: Choice, cube: Cube, before: Hold): Told {
    const known = this.told.get(choice);
    if (!known) return this.teller.tell(choice, cube, before);
    let key: number = before;
    for (const place of choice.places) key = key * PLACE_COUNT + pieceAt(cube, place);
    let told = known.get(key);
    if (!told) known.set(key, (told = this.teller.tell(choice, cube, before)));
    return told;
  }
}
