import type { PatternApproach } from '../approaches/approach.js';
import { STANDARD_SCHEME } from '../cube/colours.js';
import { colourOfValue, copyCube, pieceAt, solvedCube, twistAt, type Cube } from '../cube/cube.js';
import {
  faceInHold,
  HOME_HOLD,
  holdsWithUp,
  stickerInHold,
  stickerSeenInHold,
  turnedOver,
  turnHold,
  type Hold,
} from '../cube/holds.js';
import { CORNER_COUNT, PLACE_COUNT, PLACES, STICKER_PLACE, STICKER_SLOT } from '../cube/pieces.js';
import { opposite, SIDE_LETTERS, SIDES, UP, type Side } from '../cube/sides.js';
import { applyTurns } from '../cube/turns.js';
import { goalHolds } from '../stages/goals.js';
import { compileApproach, UNPAINTED, type Variant } from '../methods/compile.js';
import { runStage } from '../methods/stage-run.js';
import { patternRunnerFor, runnerFor } from '../methods/stage-runner.js';
import { startsOf } from '../methods/starts.js';
import { coarser } from './coarser.js';
import { inAllHolds } from './in-all-holds.js';
import { turnedStarts } from './turned-starts.js';
import { Gathering, type Gathered } from './gathering.js';
import {
  AWAY,
  BARE,
  BARE_OPPOSITE,
  costOf,
  packed,
  type Lookable,
  type Outcome,
  type Situations,
} from './situations.js';

const FIRST = UP;
/** Steps that may leave undone what was done before, until it is done again. */
const MOST_STEPS_AWAY = 4;
/** Marks the code of a sticker of a piece that does not matter. */
const DOES_NOT_MATTER = 8;

/** A variant as seen in the reader's hold: looks by number, and what each may show, as bits. */
interface Seen {
  readonly looks: readonly number[];
  readonly masks: readonly number[];
  readonly outcome: number;
  /** How often the cube is turned by `y` to come to its hold. */
  readonly turn: number;
  readonly rank: number;
  readonly turns: number;
  /** Its turns without lining up. */
  readonly own: number;
}

/** What is looked at in a hold: by cell the place and which of its stickers, and by what is there the code. */
interface InHold {
  readonly places: Uint8Array;
  readonly slots: Uint8Array;
  readonly codes: Uint8Array;
}

/**
 * The situations of an approach that is data: every start of its stage and every look on the way
 * to its goal, each in all four holds; where the front must stay the front, looks after the first
 * only in the hold they are met in. What is as good as the engine's choice: a case of its rank that
 * takes no more turns, lining up not counted, since one lines up by turning until it fits.
 * @throws ApproachError when a case of the approach cannot be used.
 */
export function situationsOfPatterns(approach: PatternApproach): {
  situations: Situations;
  /** What it costs on average to go through the patterns in their order, sticker by sticker. */
  inOrder: number;
} {
  return new PatternSituations(approach).gather();
}

class PatternSituations {
  private readonly up: Side;
  private readonly hold: Hold;
  private readonly variants: readonly Variant[];
  /** Stickers, numbered in the hold. */
  private readonly cells: readonly number[];
  private readonly seen: readonly Seen[];
  private readonly outcomes: Outcome[] = [];
  /** By cell, then what it shows: answers that no case tells apart have the same code below 8. */
  private readonly codes: Uint8Array;
  private readonly matter: Uint8Array;
  /** Edges that do not matter are told by the opposite colour where those that do may lack the first. */
  private readonly tellsBare: boolean;
  /** Colours, as sides, that pieces show which do not matter: corners, edges. */
  private readonly bareColours: readonly [Set<Side>, Set<Side>];

  constructor(private readonly approach: PatternApproach) {
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
    this.seen = this.variants.map((variant) => this.seenOf(variant));
    this.codes = Uint8Array.from(this.cells.flatMap((_, cell) => this.codesAt(cell)));
    this.seenNow = new Uint8Array(this.cells.length + 1);
  }

  private seenOf(variant: Variant): Seen {
    const { cells, hold, turnCount, lineUp, rank } = variant;
    const looks: number[] = [];
    const masks: number[] = [];
    for (let k = 0; k < cells.length; k += 2) {
      looks.push(this.cells.indexOf(stickerSeenInHold(this.hold, cells[k]!)));
      masks.push(this.maskInHold(cells[k + 1]!));
    }
    const turn = [0, 1, 2, 3].findIndex((y) => turnHold(this.hold, 1, y) === hold);
    return {
      looks,
      masks,
      outcome: this.outcomeOf(variant, turn),
      turn,
      rank,
      turns: turnCount,
      own: turnCount - (lineUp === '' ? 0 : 1),
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

  private codesAt(cell: number): number[] {
    const masks = this.seen.flatMap(({ looks, masks: all }) =>
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

  gather(): { situations: Situations; inOrder: number } {
    const met = new Gathering(this.cells.length + 1);
    const runner = runnerFor(this.approach, FIRST);
    const { keepsHold } = this.approach;
    const starts = startsOf(this.approach.stage, this.approach.after, FIRST);
    const breaks = this.breaksWhatIsDone();
    const all = Array.from({ length: starts.count }, (_, start) => ({ start, alike: 1 }));
    // Where the front stays the front, the hold of a later look is not any hold.
    for (const { start, alike } of keepsHold ? all : turnedStarts(starts)) {
      let begun = false;
      const cube = starts.cube(start);
      const each = (_: unknown, held: Hold): void => {
        const hold = turnedOver(held, this.up);
        this.look(cube, hold, keepsHold === true && begun, alike, met);
        if (breaks) this.others(cube, hold, begun, 1, met);
        begun = true;
      };
      runStage(cube, HOME_HOLD, runner, FIRST, each, starts.matter);
    }
    const gathered = met.all();
    return {
      situations: inAllHolds(coarser(this.ready(gathered)), this.hold),
      inOrder: this.inOrder(gathered),
    };
  }

  /** Whether a step may leave undone for a while what was done before. */
  private breaksWhatIsDone(): boolean {
    const { after } = this.approach;
    if (after === null) return false;
    return this.variants.some(
      ({ turns }) => !goalHolds(applyTurns(solvedCube(), turns), after, FIRST),
    );
  }

  /** What the other good steps lead to, where the engine never comes: it may be met, at no weight. */
  private others(cube: Cube, hold: Hold, begun: boolean, depth: number, into: Gathering): void {
    const fixed = begun && this.approach.keepsHold === true;
    const fits = patternRunnerFor(this.approach, FIRST)
      .fitting(cube)
      .filter((one) => !fixed || one.hold === hold);
    for (const { rank, turns, holdAfter } of fits) {
      if (rank !== fits[0]!.rank) break;
      const next = applyTurns(copyCube(cube), turns);
      if (goalHolds(next, this.approach.stage, FIRST)) continue;
      if (goalHolds(next, this.approach.after!, FIRST)) continue;
      const held = turnedOver(holdAfter, this.up);
      this.look(next, held, this.approach.keepsHold === true, 0, into);
      if (depth < MOST_STEPS_AWAY) this.others(next, held, true, depth + 1, into);
    }
  }

  /** One situation, or, where edges that do not matter may lie either way, each way they can. */
  private look(cube: Cube, hold: Hold, fixed: boolean, weight: number, into: Gathering): void {
    const { seenNow, bare } = this;
    const { places, codes } = this.inHold(hold);
    const width = places.length;
    for (let k = 0; k < width; k++) seenNow[k] = codes[k * 24 + cube[places[k]!]!]!;
    seenNow[width] = fixed ? 1 : 0;
    if (!this.tellsBare) {
      into.add(seenNow, weight);
      return;
    }
    let count = 0;
    let flips = 0;
    for (let place = CORNER_COUNT; place < PLACE_COUNT; place++) {
      if (this.matter[pieceAt(cube, place)]) flips ^= twistAt(cube, place);
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
      into.add(seenNow, weight / ways);
    }
  }

  /** Writes what an edge that does not matter shows, the opposite colour at one of its stickers. */
  private lay(place: number, flip: number, hold: Hold): void {
    const { places, slots } = this.inHold(hold);
    for (let k = 0; k < places.length; k++) {
      if (places[k] !== place) continue;
      const shows = slots[k] === flip ? BARE_OPPOSITE : BARE;
      this.seenNow[k] = this.codes[k * 8 + shows]! | DOES_NOT_MATTER;
    }
  }

  private readonly seenNow: Uint8Array;
  private readonly bare = new Uint8Array(PLACE_COUNT);
  private readonly holds: InHold[] = [];

  private inHold(hold: Hold): InHold {
    return (this.holds[hold] ??= this.lookedAtIn(hold));
  }

  private lookedAtIn(hold: Hold): InHold {
    const stickers = this.cells.map((cell) => stickerInHold(hold, cell));
    const codes = stickers.flatMap((sticker, k) => {
      const place = STICKER_PLACE[sticker]!;
      return Array.from({ length: 24 }, (_, value) => {
        const piece = place < CORNER_COUNT ? Math.floor(value / 3) : CORNER_COUNT + (value >> 1);
        if (!this.matter[piece]) return this.codes[k * 8 + BARE]! | DOES_NOT_MATTER;
        const colour = colourOfValue(place, value, STICKER_SLOT[sticker]!);
        return this.codes[k * 8 + faceInHold(hold, colour)]!;
      });
    });
    return {
      places: Uint8Array.from(stickers, (sticker) => STICKER_PLACE[sticker]!),
      slots: Uint8Array.from(stickers, (sticker) => STICKER_SLOT[sticker]!),
      codes: Uint8Array.from(codes),
    };
  }

  private ready({ codes, weight, count }: Gathered): Situations {
    const { cells, outcomes } = this;
    const width = cells.length + 1;
    const words = Math.ceil(outcomes.length / 32);
    const lookables = cells.map((cell, look) => this.lookable(cell, look));
    const made = {
      lookables,
      outcomes,
      count,
      seen: new Uint8Array(cells.length * count),
      good: new Int32Array(words * count),
      words,
      weight,
      fixed: Uint8Array.from({ length: count }, (_, s) => codes[s * width + cells.length]!),
    };
    for (let look = 0; look < cells.length; look++) {
      for (let s = 0; s < count; s++) {
        const code = codes[s * width + look]!;
        const roughly = lookables[look]!.rough[code & 7]!;
        made.seen[look * count + s] = packed(code & 7, roughly, code < DOES_NOT_MATTER);
      }
    }
    const admitted = this.seen.map(({ looks, masks }) =>
      Uint8Array.from(masks, (mask, k) => this.codesIn(looks[k]!, mask)),
    );
    for (let s = 0; s < count; s++) this.markGood(codes, s, admitted, made.good, words);
    return made;
  }

  /** The codes a mask admits at a look, as bits. */
  private codesIn(look: number, mask: number): number {
    let bits = 0;
    for (let shows = 0; shows < 8; shows++) {
      if ((mask >> shows) & 1) bits |= 1 << this.codes[look * 8 + shows]!;
    }
    return bits;
  }

  private markGood(
    codes: Uint8Array,
    s: number,
    admitted: readonly Uint8Array[],
    good: Int32Array,
    words: number,
  ): void {
    const from = s * (this.cells.length + 1);
    const fixed = codes[from + this.cells.length] === 1;
    let best: Seen | undefined;
    // In the engine's order, so that the first that fits is its choice.
    for (let v = 0; v < this.seen.length; v++) {
      const seen = this.seen[v]!;
      if (best && seen.rank > best.rank) break;
      if (fixed && seen.turn !== 0) continue;
      const masks = admitted[v]!;
      let fits = true;
      for (let k = 0; fits && k < masks.length; k++) {
        fits = ((masks[k]! >> (codes[from + seen.looks[k]!]! & 7)) & 1) === 1;
      }
      if (!fits) continue;
      best ??= seen;
      good[s * words + (seen.outcome >> 5)]! |= 1 << (seen.outcome & 31);
    }
  }

  /** Going through the patterns, those in the hold one has first; what was seen is remembered. */
  private inOrder({ codes, weight, count }: Gathered): number {
    const order = [...this.seen].sort((a, b) => a.rank - b.rank || AWAY[a.turn]! - AWAY[b.turn]!);
    const admitted = order.map(({ looks, masks }) =>
      Uint8Array.from(masks, (mask, k) => this.codesIn(looks[k]!, mask)),
    );
    const costs = this.cells.map((cell, look) => this.lookable(cell, look).cost);
    const width = this.cells.length + 1;
    const lookedIn = new Int32Array(this.cells.length).fill(-1);
    let mean = 0;
    for (let s = 0; s < count; s++) {
      let cost = 0;
      const fits = (looks: readonly number[], masks: Uint8Array): boolean => {
        for (let k = 0; k < masks.length; k++) {
          const look = looks[k]!;
          if (lookedIn[look] !== s) {
            lookedIn[look] = s;
            cost += costs[look]!;
          }
          if (((masks[k]! >> (codes[s * width + look]! & 7)) & 1) === 0) return false;
        }
        return true;
      };
      order.some(({ looks }, v) => fits(looks, admitted[v]!));
      mean += weight[s]! * cost;
    }
    return mean;
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

  private lookable(cell: number, look: number): Lookable {
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
