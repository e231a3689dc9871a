import type { Approach } from '../approaches/approach.js';
import { STANDARD_SCHEME, type ColourScheme } from '../cube/colours.js';
import { paintStickers, pieceAt, type Cube } from '../cube/cube.js';
import type { Hold } from '../cube/holds.js';
import { STICKER_COUNT } from '../cube/painted.js';
import type { Side } from '../cube/sides.js';
import { pieceColours } from '../cube/words.js';
import { compileApproach, matches, type Variant } from './compile.js';
import { fillTemplate } from './text.js';

/** What a step says: the sentences of one variant about particular pieces. */
export interface Told {
  look: string;
  why: string;
  pieces: string[][];
}

/**
 * An approach made ready for one first colour and scheme: it chooses the next case for a cube and
 * says it in words. Holds no state of a solve, so one serves every cube.
 */
export class StageRunner {
  private readonly variants: readonly Variant[];
  // Sentences depend on the variant and the pieces in its places only, so each is written once.
  private readonly told = new Map<Variant, Map<number, Told>>();
  private readonly stickers = new Uint8Array(STICKER_COUNT);

  constructor(
    readonly approach: Approach,
    private readonly first: Side,
    private readonly scheme: ColourScheme,
  ) {
    this.variants = compileApproach(approach, first, scheme);
  }

  /** The case to do next; undefined when the cube shows none of the cases. */
  next(cube: Cube, hold: Hold | undefined, begun: boolean): Variant | undefined {
    paintStickers(cube, this.stickers);
    return this.choose(this.stickers, hold, begun);
  }

  /** As `next`, for painted stickers, where those that do not matter may be unpainted. */
  choose(stickers: Uint8Array, hold: Hold | undefined, begun: boolean): Variant | undefined {
    const only = begun && this.approach.keepsHold ? hold : undefined;
    let best: Variant | undefined;
    for (const variant of this.variants) {
      if (best && (variant.rank > best.rank || variant.turnCount > best.turnCount)) break;
      // Among equals, the one that needs no new hold; the first found stands otherwise.
      if (best && variant.hold !== hold) continue;
      if (only !== undefined && variant.hold !== only) continue;
      if (!matches(variant.cells, stickers)) continue;
      if (variant.hold === hold || hold === undefined) return variant;
      best ??= variant;
    }
    return best;
  }

  /** The sentences and pieces of a case as it stands on this cube. */
  tell(variant: Variant, cube: Cube): Told {
    let key = 0;
    for (const place of variant.places) key = key * 20 + pieceAt(cube, place);
    let byPieces = this.told.get(variant);
    if (!byPieces) this.told.set(variant, (byPieces = new Map<number, Told>()));
    let told = byPieces.get(key);
    if (!told) byPieces.set(key, (told = this.write(variant, cube)));
    return told;
  }

  private write(variant: Variant, cube: Cube): Told {
    const pieces = variant.places.map((place) =>
      pieceColours(pieceAt(cube, place), this.scheme, this.first),
    );
    const word = (name: string): string => {
      const piece = /^piece(\d?)$/.exec(name);
      if (piece) return pieces[Number(piece[1] || 1) - 1]?.join('-') ?? '';
      return variant.words.get(name) ?? '';
    };
    return { look: fillTemplate(variant.look, word), why: fillTemplate(variant.why, word), pieces };
  }
}

const runners = new WeakMap<Approach, Map<string, StageRunner>>();

/** The runner of an approach, made on first use and kept. */
export function runnerFor(
  approach: Approach,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): StageRunner {
  const key = `${first} ${scheme.join()}`;
  let byColour = runners.get(approach);
  if (!byColour) runners.set(approach, (byColour = new Map<string, StageRunner>()));
  let runner = byColour.get(key);
  if (!runner) byColour.set(key, (runner = new StageRunner(approach, first, scheme)));
  return runner;
}
