import { copyCube, pieceAt, twistAt, colourOfValue, solvedCube, type Cube } from '../cube/cube.js';
import { faceInHold, HOME_HOLD, stickerInHold, turnedOver, type Hold } from '../cube/holds.js';
import { CORNER_COUNT, PLACE_COUNT, STICKER_PLACE, STICKER_SLOT } from '../cube/pieces.js';
import { applyTurns } from '../cube/turns.js';
import { runStage } from '../methods/stage-run.js';
import { patternRunnerFor, runnerFor } from '../methods/stage-runner.js';
import { startsOf } from '../methods/starts.js';
import { goalHolds } from '../stages/goals.js';
import { Gathering, type Gathered } from './gathering.js';
import { DOES_NOT_MATTER, FIRST, type PatternLooks } from './pattern-looks.js';
import { BARE, BARE_OPPOSITE } from './situations.js';
import { turnedStarts } from './turned-starts.js';

/** Steps that may leave undone what was done before, until it is done again. */
const MOST_STEPS_AWAY = 4;

/** What is looked at in a hold: by cell the place and which of its stickers, and by what is there the code. */
interface InHold {
  readonly places: Uint8Array;
  readonly slots: Uint8Array;
  readonly codes: Uint8Array;
}

/**
 * What is seen at every look of every start of the stage, and how often; with each, at last, 1 where
 * the hold is the one it is met in and no other.
 */
export const looksMet = (looks: PatternLooks): Gathered => new PatternWalks(looks).walk();

class PatternWalks {
  private readonly met: Gathering;
  private readonly seenNow: Uint8Array;
  private readonly bare = new Uint8Array(PLACE_COUNT);
  private readonly holds: InHold[] = [];

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
    const { after } = this.looks.approach;
    if (after === null) return false;
    return this.looks.variants.some(
      ({ turns }) => !goalHolds(applyTurns(solvedCube(), turns), after, FIRST),
    );
  }

  /** What the other good steps lead to, where the engine never comes: it may be met, at no weight. */
  private others(cube: Cube, hold: Hold, begun: boolean, depth: number): void {
    const fixed = begun && this.looks.approach.keepsHold === true;
    const runner = patternRunnerFor(this.looks.approach, FIRST);
    for (const { turns, holdAfter } of runner.asGood(cube, fixed ? hold : undefined)) {
      const next = applyTurns(copyCube(cube), turns);
      if (goalHolds(next, this.looks.approach.stage, FIRST)) continue;
      if (goalHolds(next, this.looks.approach.after!, FIRST)) continue;
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
    let count = 0;
    let flips = 0;
    for (let place = CORNER_COUNT; place < PLACE_COUNT; place++) {
      if (this.looks.matter[pieceAt(cube, place)]) flips ^= twistAt(cube, place);
      else bare[count++] = place;
    }
    const ways = 1 << (count - 1);
    for (let way = 0; way < ways; way++) {
      let last = flips;
      for (let k = 0; k < count; k++) {
        const flip = k < count - 1 ? (way >> k) & 1 : last;
        last ^= flip;
        this.lay(bare[k]!, flip, hold);
      }
      this.met.add(seenNow, weight / ways);
    }
  }

  /** Writes what an edge that does not matter shows, the opposite colour at one of its stickers. */
  private lay(place: number, flip: number, hold: Hold): void {
    const { places, slots } = this.inHold(hold);
    for (let k = 0; k < places.length; k++) {
      if (places[k] !== place) continue;
      const shows = slots[k] === flip ? BARE_OPPOSITE : BARE;
      this.seenNow[k] = this.looks.codes[k * 8 + shows]! | DOES_NOT_MATTER;
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
      slots: Uint8Array.from(stickers, (sticker) => STICKER_SLOT[sticker]!),
      codes: Uint8Array.from(codes),
    };
  }
}
