import {
  type Hold,
  holdsWithUp,
  layersOf,
  opposite,
  type Place,
  PLACES,
  type Side,
  STANDARD_SCHEME,
  stickerInHold,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  isSearch,
  type PatternApproach,
  stagesBefore,
} from '../../teaching/approaches/index.js';
import { recordOf, type Stage } from '../../teaching/stages/index.js';
import { ANYTHING, compileApproach, type Variant } from '../run/index.js';

/** Stickers someone sees, by number in whatever hold they have: the colour as a side of the cube. */
export type SeenStickers = ReadonlyMap<number, Side>;

/** How a case can be what is seen. */
export interface Fits {
  /** How many of the stickers seen it asks about. */
  readonly asked: number;
  /** The hold in which they were seen, if it is this case, and the one in which it is done. */
  readonly painted: Hold;
  readonly hold: Hold;
}

/**
 * The cases of an approach that can be what someone sees, if only some stickers are known: in one of
 * the four holds some piece fits every place, with what the case asks for and what was done before.
 * A case is out when one of a lower rank is already certain. Cases of a search are never out.
 */
export function casesSeen(approach: Approach, seen: SeenStickers, first: Side): Map<string, Fits> {
  if (isSearch(approach)) {
    return new Map(
      approach.cases.map(({ id }) => [id, { asked: 0, painted: 0 as Hold, hold: 0 as Hold }]),
    );
  }
  const can = new Map<string, Fits>();
  const variants = variantsOf(approach, first);
  const standings = stagesBefore(approach).map((stage) => new Standing(stage, first));
  const anyhow = [new Standing(null, first)];
  for (const hold of holdsWithUp(approach.up === 'first' ? first : opposite(first))) {
    const painted = new Map(
      [...seen].map(([sticker, colour]) => [stickerInHold(hold, sticker), 1 << colour]),
    );
    const rank = Math.min(
      ...variants.filter((one) => isCertain(one, painted)).map((one) => one.rank),
    );
    for (const variant of variants) {
      if (variant.rank > rank) continue;
      const { id } = variant.case;
      const asked = countAsked(variant, painted);
      if (asked <= (can.get(id)?.asked ?? -1)) continue;
      // A case that only comes up once the stage is begun is judged without what was done before.
      const bare = both(variant, new Map());
      const judges = standings.some((one) => one.allows(bare)) ? standings : anyhow;
      const shown = both(variant, painted);
      if (judges.some((one) => one.allows(shown))) {
        can.set(id, { asked, painted: hold, hold: variant.hold });
      }
    }
  }
  return can;
}

// Asked again with every sticker; writing the cases out takes longer than comparing them.
const compiled = new WeakMap<PatternApproach, Map<Side, readonly Variant[]>>();

function variantsOf(approach: PatternApproach, first: Side): readonly Variant[] {
  let byColour = compiled.get(approach);
  if (!byColour) compiled.set(approach, (byColour = new Map<Side, readonly Variant[]>()));
  let variants = byColour.get(first);
  if (!variants)
    byColour.set(first, (variants = compileApproach(approach, first, STANDARD_SCHEME)));
  return variants;
}

function countAsked({ cells }: Variant, painted: ReadonlyMap<number, number>): number {
  let asked = 0;
  for (let k = 0; k < cells.length; k += 2) if (painted.has(cells[k]!)) asked++;
  return asked;
}

/** Whether every sticker the variant asks for is known and right. */
function isCertain({ cells }: Variant, painted: ReadonlyMap<number, number>): boolean {
  for (let k = 0; k < cells.length; k += 2) {
    if (((painted.get(cells[k]!) ?? ANYTHING) & ~cells[k + 1]!) !== 0) return false;
  }
  return true;
}

/** What may be at each sticker: what is seen, where the variant allows it. */
function both({ cells }: Variant, painted: ReadonlyMap<number, number>): Map<number, number> {
  const masks = new Map(painted);
  for (let k = 0; k < cells.length; k += 2) {
    const sticker = cells[k]!;
    masks.set(sticker, (masks.get(sticker) ?? ANYTHING) & cells[k + 1]!);
  }
  return masks;
}

/** Which pieces can stand where once a stage is done, and which of their stickers face up. */
class Standing {
  private readonly done: ReadonlySet<number>;
  /** Of which kinds of last-layer pieces all show their colour up: by how many stickers they have. */
  private readonly turnedUp: ReadonlySet<number>;

  constructor(
    after: Stage | null,
    private readonly first: Side,
  ) {
    const layers = layersOf(first);
    const { home, facing } = after === null ? { home: [], facing: [] } : recordOf(after);
    this.done = new Set(home.flatMap((pieces) => layers[pieces]));
    this.turnedUp = new Set(
      facing
        .filter(({ show }) => show === 'opposite')
        .map(({ on }) => (on === 'lastEdgeStickers' ? 2 : 3)),
    );
  }

  allows(masks: ReadonlyMap<number, number>): boolean {
    return PLACES.every((place) =>
      place.stickers.every((sticker) => !masks.has(sticker))
        ? true
        : PLACES.some((piece) => this.fits(piece, place, masks)),
    );
  }

  private fits(piece: Place, place: Place, masks: ReadonlyMap<number, number>): boolean {
    const kinds = place.sides.length;
    if (piece.sides.length !== kinds) return false;
    const stays = this.done.has(place.index) || this.done.has(piece.index);
    if (stays && piece !== place) return false;
    return place.stickers.some((_, twist) => {
      if (stays && twist !== 0) return false;
      if (!stays && !this.faces(piece, place, twist)) return false;
      return place.stickers.every((sticker, slot) => {
        const colour = piece.sides[(slot - twist + kinds) % kinds]!;
        return ((masks.get(sticker) ?? ANYTHING) >> colour) & 1;
      });
    });
  }

  /** Whether a piece of the last layer that was turned up already shows its colour up. */
  private faces(piece: Place, place: Place, twist: number): boolean {
    const last = opposite(this.first);
    if (!this.turnedUp.has(place.sides.length) || !place.sides.includes(last)) return true;
    const kinds = place.sides.length;
    const slot = place.sides.indexOf(last);
    return piece.sides[(slot - twist + kinds) % kinds] === last;
  }
}
