import {
  applyTurns,
  colourOfValue,
  copyCube,
  CORNER_COUNT,
  type Cube,
  faceInHold,
  type Hold,
  HOME_HOLD,
  pieceAt,
  PLACE_COUNT,
  solvedCube,
  STICKER_COUNT,
  STICKER_PLACE,
  STICKER_SLOT,
  stickerInHold,
  turnedOver,
  twistAt,
} from '../../puzzle/cube/index.js';
import { standsBefore } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  patternRunnerFor,
  runnerFor,
  runStage,
  startsOf,
  turnedStarts,
} from '../../engine/run/index.js';
import { type Gathered, Gathering } from './gathering.js';
import { DOES_NOT_MATTER, FIRST, type PatternLooks } from './pattern-looks.js';
import { BARE, BARE_OPPOSITE } from './situations.js';

/** Steps that may leave undone what was done before, until it is done again. */
const MOST_STEPS_AWAY = 4;

/** What is looked at in a hold, by cell. */
interface InHold {
  readonly places: Uint8Array;
  /** The code of what is there, by the cube's byte. */
  readonly codes: Uint8Array;
  /** The code of an edge that does not matter: two for each, by whether it is flipped. */
  readonly laid: Uint8Array;
}

/** 1 where an odd number of bits is set. */
function oddBits(bits: number): number {
  let odd = 0;
  for (let rest = bits; rest !== 0; rest &= rest - 1) odd ^= 1;
  return odd;
}

/**
 * What is seen at every look of every start of the stage, and how often; with each, at last, 1 where
 * the hold is the one it is met in and no other.
 */
export const looksMet = (looks: PatternLooks): Gathered => new PatternWalks(looks).walk();

class PatternWalks {
  private readonly met: Gathering;
  private readonly seenNow: Uint8Array;
  // Places of edges that do not matter; looks at them, and at which of them each is.
  private readonly bare = new Uint8Array(PLACE_COUNT);
  private readonly bareCells = new Uint8Array(STICKER_COUNT);
  private readonly edgeOf = new Uint8Array(STICKER_COUNT);
  private readonly holds: (InHold | undefined)[] = [];

  constructor(private readonly looks: PatternLooks) {
    this.met = new Gathering(looks.cells.length + 1);
    this.seenNow = new Uint8Array(looks.cells.length + 1);
  }

  walk(): Gathered {
    const { approach, up } = this.looks;
    const runner = runnerFor(approach, FIRST);
    const { keepsHold } = approach;
    const starts = startsOf(approach.stage, approach.after, FIRST);
    const breaks = this.breaksWhatIsDone();
    const all = Array.from({ length: starts.count }, (_, start) => ({ start, alike: 1 }));
    // Where the front stays the front, the hold of a later look is not any hold.
    for (const { start, alike } of keepsHold ? all : turnedStarts(starts)) {
      let begun = false;
      const cube = starts.cube(start);
      const each = (_: unknown, held: Hold): void => {
        const hold = turnedOver(held, up);
        this.look(cube, hold, keepsHold === true && begun, alike);
        if (breaks) this.others(cube, hold, begun, 1);
        begun = true;
      };
      runStage(cube, HOME_HOLD, runner, FIRST, each, starts.matter);
    }
    return this.met.all();
  }

  /** Whether a step may leave undone for a while what was done before. */
  private breaksWhatIsDone(): boolean {
    const { approach, variants } = this.looks;
    return variants.some(
      ({ turns }) => !standsBefore(approach, applyTurns(solvedCube(), turns), FIRST),
    );
  }

  /** What the other good steps lead to, where the engine never comes: it may be met, at no weight. */
  private others(cube: Cube, hold: Hold, begun: boolean, depth: number): void {
    const fixed = begun && this.looks.approach.keepsHold === true;
    const runner = patternRunnerFor(this.looks.approach, FIRST);
    for (const { turns, holdAfter } of runner.asGood(cube, fixed ? hold : undefined)) {
      const next = applyTurns(copyCube(cube), turns);
      if (goalHolds(next, this.looks.approach.stage, FIRST)) continue;
      if (standsBefore(this.looks.approach, next, FIRST)) continue;
      const held = turnedOver(holdAfter, this.looks.up);
      this.look(next, held, this.looks.approach.keepsHold === true, 0);
      if (depth < MOST_STEPS_AWAY) this.others(next, held, true, depth + 1);
    }
  }

  /** One situation, or, where edges that do not matter may lie either way, each way they can. */
  private look(cube: Cube, hold: Hold, fixed: boolean, weight: number): void {
    const { seenNow, bare } = this;
    const { places, codes } = this.inHold(hold);
    const width = places.length;
    for (let k = 0; k < width; k++) seenNow[k] = codes[k * 24 + cube[places[k]!]!]!;
    seenNow[width] = fixed ? 1 : 0;
    if (!this.looks.tellsBare) {
      this.met.add(seenNow, weight);
      return;
    }
    const { laid } = this.inHold(hold);
    const { matter } = this.looks;
    let edges = 0;
    let flips = 0;
    for (let place = CORNER_COUNT; place < PLACE_COUNT; place++) {
      if (matter[pieceAt(cube, place)]) flips ^= twistAt(cube, place);
      else bare[edges++] = place;
    }
    // Only what they show is written anew for each way they can lie.
    let shown = 0;
    for (let k = 0; k < width; k++) {
      const edge = bare.indexOf(places[k]!);
      if (edge < 0 || edge >= edges) continue;
      this.bareCells[shown] = k;
      this.edgeOf[shown++] = edge;
    }
    const ways = 1 << (edges - 1);
    for (let way = 0; way < ways; way++) {
      // The last lies so that an even number is flipped.
      const lie = way | ((flips ^ oddBits(way)) << (edges - 1));
      for (let k = 0; k < shown; k++) {
        const cell = this.bareCells[k]!;
        seenNow[cell] = laid[cell * 2 + ((lie >> this.edgeOf[k]!) & 1)]!;
      }
      this.met.add(seenNow, weight / ways);
    }
  }

  private inHold(hold: Hold): InHold {
    return (this.holds[hold] ??= this.lookedAtIn(hold));
  }

  private lookedAtIn(hold: Hold): InHold {
    const stickers = this.looks.cells.map((cell) => stickerInHold(hold, cell));
    const codes = stickers.flatMap((sticker, k) => {
      const place = STICKER_PLACE[sticker]!;
      return Array.from({ length: 24 }, (_, value) => {
        const piece = place < CORNER_COUNT ? Math.floor(value / 3) : CORNER_COUNT + (value >> 1);
        if (!this.looks.matter[piece]) return this.looks.codes[k * 8 + BARE]! | DOES_NOT_MATTER;
        const colour = colourOfValue(place, value, STICKER_SLOT[sticker]!);
        return this.looks.codes[k * 8 + faceInHold(hold, colour)]!;
      });
    });
    return {
      places: Uint8Array.from(stickers, (sticker) => STICKER_PLACE[sticker]!),
      codes: Uint8Array.from(codes),
      laid: Uint8Array.from(
        stickers.flatMap((sticker, k) =>
          [0, 1].map((flip) => {
            const shows = STICKER_SLOT[sticker] === flip ? BARE_OPPOSITE : BARE;
            return this.looks.codes[k * 8 + shows]! | DOES_NOT_MATTER;
          }),
        ),
      ),
    };
  }
}
