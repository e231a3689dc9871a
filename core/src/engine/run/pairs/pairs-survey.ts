import { type Hold, opposite, type Side, sideInHold, UP } from '../../../puzzle/cube/index.js';
import {
  MOVED,
  pairTables,
  type PairTables,
  ROOM_COUNT,
  whereIs,
} from '../../../puzzle/search/index.js';
import type { SearchApproach } from '../../../teaching/approaches/index.js';
import type { OnProgress } from '../progress.js';
import { distributionOf } from '../distribution.js';
import type { PartSurvey, StageSurvey } from '../stage-survey.js';
import { pairStarts } from '../starts.js';
import { type PairWay, WayLists, Ways } from './pair-ways.js';
import type { PairPlanner } from './pair-tries.js';

/*
 * The stage of the pairs has 136,080 × 26,880 = 3,657,830,400 starts, and which pair is taken first
 * depends on all four. They are still all counted: bringing one pair home moves the other three in
 * a way that only depends on that pair, so what the rest will cost is looked up in a table over the
 * ways three pairs can stand, made from one over two pairs, and so on. What is left of the work is
 * one look-up and one count for each start.
 */

/** What happens in a solve, as one number: turns in the low bits, then each case's count. */
type Outcome = number;
const TURN_BITS = 6;
const CASE_BITS = 4;
const shiftOf = (index: number): number => TURN_BITS + index * CASE_BITS;

const ALL = [0, 1, 2, 3];
/** How many of the four rooms are in each set of them. */
const SIZE = Array.from({ length: 16 }, (_, set) => ALL.filter((room) => (set >> room) & 1).length);
/** Far more than there are outcomes that differ. */
const OUTCOMES = 2 ** 16;

class PairsCounter {
  private readonly tables: PairTables;
  private readonly caseIndex: ReadonlyMap<string, number>;
  private readonly waysOf: Ways[] = [];
  private readonly homes: number[];
  /** By room: the rooms in the order they are preferred once that one is held. */
  private readonly nearest: number[][];
  /** By finished rooms and room: what bringing home each pair does. */
  private readonly moves: (PairWay | undefined)[][] = [];
  private readonly smaller: Uint16Array[] = [];
  /** By outcome: what adding it to each other one gives. */
  private readonly sums = new Map<Outcome, Int32Array>();
  private readonly outcomes: Outcome[] = [0];
  private readonly numbers = new Map<Outcome, number>([[0, 0]]);
  readonly totals = new Map<Outcome, number>();
  /** Starts in which the room held before is the first to be filled. */
  kept = 0;
  /** Of the last choice: the room, −1 for none, and whether the hold decided it. */
  private chosen = -1;
  private tied = false;

  constructor(
    private readonly planner: PairPlanner,
    private readonly first: Side,
    private readonly report: OnProgress,
  ) {
    this.tables = pairTables(first);
    this.caseIndex = new Map(planner.approach.cases.map(({ id }, k) => [id, k]));
    this.homes = this.tables.rooms.map((_, room) => this.tables.home(room));
    this.nearest = this.tables.rooms.map(({ hold }) => this.tables.nearestRooms(hold));
  }

  /*
   * Turning the whole cube about its upright axis turns what is chosen with it. So instead of all
   * starts in one hold, those in every hold are counted in which room 0 is finished or chosen, and
   * each is counted for what it stands for.
   */
  count(): void {
    const three = this.addFinished();
    this.addChosen(three);
  }

  private ways(closed: number): Ways {
    return (this.waysOf[closed] ??= new Ways(this.tables, closed, this.first));
  }

  private way(room: number, closed: number, pair: number): PairWay {
    const ways = (this.moves[closed * ROOM_COUNT + room] ??= this.makeWays(room, closed));
    return ways[pair]!;
  }

  private makeWays(room: number, closed: number): (PairWay | undefined)[] {
    const { rooms } = this.tables;
    const ways: (PairWay | undefined)[] = [];
    const starts = pairStarts(rooms, room, closed, this.first);
    for (let k = 0; k < starts.count; k++) {
      const cube = starts.cube(k);
      const pair = whereIs(cube, rooms[room]!.corner) * 24 + whereIs(cube, rooms[room]!.edge);
      const steps = this.planner.nextFor(cube, room, closed);
      const all = steps.flatMap(({ turns }) => [...turns]);
      const outcome = steps.reduce(
        (sum, { case: { id } }) => sum + 2 ** shiftOf(this.caseIndex.get(id)!),
        all.length,
      );
      const through = (table: Uint8Array, where: number): number =>
        all.reduce((now, turn) => table[turn * 24 + now]!, where);
      const corner = Array.from({ length: 24 }, (_, where) => through(MOVED.corner, where));
      const edge = Array.from({ length: 24 }, (_, where) => through(MOVED.edge, where));
      const after = Uint16Array.from(
        { length: 576 },
        (_, other) => corner[Math.floor(other / 24)]! * 24 + edge[other % 24]!,
      );
      let sums = this.sums.get(outcome);
      if (!sums) this.sums.set(outcome, (sums = new Int32Array(OUTCOMES).fill(-1)));
      ways[pair] = { outcome, with: sums, turns: all.length, after };
    }
    return ways;
  }

  private numberOf(outcome: Outcome): number {
    let number = this.numbers.get(outcome);
    if (number === undefined) {
      number = this.outcomes.push(outcome) - 1;
      this.numbers.set(outcome, number);
    }
    return number;
  }

  /**
   * For one or two rooms open beside `closed`, `held` held: the number of the outcome from every
   * way their pairs can stand, indexed by the pairs' numbers in order of the rooms.
   */
  private tableOf(closed: number, held: number): Uint16Array {
    const key = closed * ROOM_COUNT + held;
    const known = this.smaller[key];
    if (known) return known;
    const ways = this.ways(closed);
    const rooms = ALL.filter((room) => ((closed >> room) & 1) === 0);
    const table = new Uint16Array(ways.count ** rooms.length);
    const standing = new Int16Array(ROOM_COUNT).fill(-1);
    const [a = -1, b = -1] = rooms;
    for (let way = 0; way < ways.count; way++) {
      standing[a] = way;
      if (b < 0) table[way] = this.choose(closed, standing, held);
      else {
        for (let other = 0; other < ways.count; other++) {
          if (!ways.apart(way, other)) continue;
          standing[b] = other;
          table[way * ways.count + other] = this.choose(closed, standing, held);
        }
      }
    }
    this.smaller[key] = table;
    return table;
  }

  /**
   * Chooses a pair as the runner does, with `held` held; `standing` has the number of each open
   * room's way, −1 for the others. Gives the number of the outcome to the end of the stage.
   */
  private choose(closed: number, standing: Int16Array, held: number): number {
    const ways = this.ways(closed);
    const finished = this.finishedOf(closed, standing);
    let best: PairWay | undefined;
    let chosen = -1;
    let tied = false;
    for (const room of this.nearest[held]!) {
      if ((finished >> room) & 1) continue;
      const way = this.way(room, finished, ways.pairs[standing[room]!]!);
      if (best && best.turns <= way.turns) {
        tied ||= best.turns === way.turns;
        continue;
      }
      best = way;
      chosen = room;
      tied = false;
    }
    this.remember(chosen, tied);
    if (!best) return 0;
    const next = closed | (1 << chosen);
    const after = this.ways(next);
    let index = -1;
    for (const room of ALL) {
      if ((next >> room) & 1) continue;
      const number = after.numberOf[best.after[ways.pairs[standing[room]!]!]!]!;
      index = index < 0 ? number : index * after.count + number;
    }
    const rest = index < 0 ? 0 : this.tableOf(next, chosen)[index]!;
    // Making a smaller table has chosen many times since.
    this.remember(chosen, tied);
    const known = best.with[rest]!;
    return known >= 0
      ? known
      : (best.with[rest] = this.numberOf(best.outcome + this.outcomes[rest]!));
  }

  private remember(chosen: number, tied: boolean): void {
    this.chosen = chosen;
    this.tied = tied;
  }

  private finishedOf(closed: number, standing: Int16Array): number {
    const { pairs } = this.ways(closed);
    let finished = closed;
    for (const room of ALL) {
      if (standing[room]! >= 0 && pairs[standing[room]!] === this.homes[room]) {
        finished |= 1 << room;
      }
    }
    return finished;
  }

  private add(number: number, count: number): void {
    const outcome = this.outcomes[number]!;
    this.totals.set(outcome, (this.totals.get(outcome) ?? 0) + count);
  }

  /** Starts in which pairs are home already. Gives the outcomes with room 0 finished and held. */
  private addFinished(): Uint16Array {
    const ways = this.ways(1);
    const { count } = ways;
    const table = new Uint16Array(count ** 3);
    const standing = new Int16Array(ROOM_COUNT).fill(-1);
    const hist = new Float64Array(OUTCOMES);
    for (let a = 0; a < count; a++) {
      this.report(a, count * 3);
      standing[1] = a;
      for (let b = 0; b < count; b++) {
        if (!ways.apart(a, b)) continue;
        standing[2] = b;
        for (let c = 0; c < count; c++) {
          if (!ways.apart(a, c) || !ways.apart(b, c)) continue;
          standing[3] = c;
          const number = this.choose(1, standing, 0);
          table[(a * count + b) * count + c] = number;
          const home = this.finishedOf(1, standing);
          const share = 1 / SIZE[home]!;
          if (!this.tied) {
            hist[number]! += share * ROOM_COUNT;
            // Whichever room it is, one hold of the four has it already.
            if (this.chosen >= 0) this.kept += share;
            continue;
          }
          hist[number]! += share;
          for (const held of [1, 2, 3]) {
            hist[this.choose(1, standing, held)]! += share;
            if (this.chosen === held) this.kept += share;
          }
        }
      }
    }
    hist.forEach((starts, number) => starts > 0 && this.add(number, starts));
    return table;
  }

  /** Starts with no pair home in which room 0 is chosen, in whichever hold. */
  private addChosen(table: Uint16Array): void {
    const ways = this.ways(0);
    const after = this.ways(1);
    const turns = [1, 2, 3].map((room) => ways.pairs.map((pair) => this.way(room, 0, pair).turns));
    const lists = new WayLists(ways, turns[2]!);
    // One histogram for each set of other rooms that need as many turns as room 0.
    const hists = ALL.concat(4, 5, 6, 7).map(() => new Uint32Array(this.outcomes.length));
    ways.pairs.forEach((pair, mine) => {
      this.report(ways.count + 2 * mine, ways.count * 3);
      const way = this.way(0, 0, pair);
      if (way.turns === 0) return;
      const where = Int32Array.from(ways.pairs, (other) => after.numberOf[way.after[other]!]!);
      for (const hist of hists) hist.fill(0);
      for (let a = 0; a < ways.count; a++) {
        if (turns[0]![a]! < way.turns || !ways.apart(mine, a)) continue;
        const tieA = turns[0]![a] === way.turns ? 1 : 0;
        for (let b = 0; b < ways.count; b++) {
          if (turns[1]![b]! < way.turns || !ways.apart(mine, b) || !ways.apart(a, b)) continue;
          const ties = tieA + (turns[1]![b] === way.turns ? 2 : 0);
          const base = (where[a]! * after.count + where[b]!) * after.count;
          const { more, equal } = lists.beside(mine, a, b, way.turns);
          countInto(hists[ties]!, table, base, where, more);
          countInto(hists[ties + 4]!, table, base, where, equal);
        }
      }
      hists.forEach((hist, ties) => this.addHistogram(hist, way, this.winningHolds(ties)));
    });
  }

  /** In how many holds room 0 is preferred to the rooms in this set, of which room 1 has bit 0. */
  private winningHolds(ties: number): number {
    const equal = [0, ...[1, 2, 3].filter((room) => (ties >> (room - 1)) & 1)];
    return ALL.filter((held) => this.nearest[held]!.find((room) => equal.includes(room)) === 0)
      .length;
  }

  private addHistogram(hist: Uint32Array, way: PairWay, holds: number): void {
    hist.forEach((starts, number) => {
      if (starts === 0) return;
      const outcome = this.outcomes[number]! + way.outcome;
      this.totals.set(outcome, (this.totals.get(outcome) ?? 0) + starts * holds);
      // Held already, room 0 is preferred to any that needs as many turns.
      this.kept += starts;
    });
  }
}

// The one loop that is run for each of the billions of starts; plain so that it compiles well.
function countInto(
  hist: Uint32Array,
  table: Uint16Array,
  base: number,
  where: Int32Array,
  ways: Uint16Array,
): void {
  for (const way of ways) hist[table[base + where[way]!]!]!++;
}

/** What pairs come to over all starts: a survey from each hold. */
export type PairsSurvey = (before: Hold) => PartSurvey;

/** Counts the pairs over all starts. Takes ten seconds or more, for all holds they may begin in. */
export function surveyPairs(planner: PairPlanner, first: Side, report: OnProgress): PairsSurvey {
  const { approach } = planner;
  const counter = new PairsCounter(planner, first, report);
  counter.count();
  return (before) => surveyFrom(counter, approach, first, before);
}

function surveyFrom(
  counter: PairsCounter,
  approach: SearchApproach,
  first: Side,
  before: Hold,
): PartSurvey {
  const starts = Math.round([...counter.totals.values()].reduce((sum, count) => sum + count, 0));
  const counts: number[] = [];
  const cases = approach.cases.map(({ id }) => ({ case: id, chance: 0, times: 0 }));
  let [looks, pairs] = [0, 0];
  for (const [outcome, count] of counter.totals) {
    const turns = outcome % 2 ** TURN_BITS;
    counts[turns] = (counts[turns] ?? 0) + count;
    cases.forEach((one, k) => {
      const times = Math.floor(outcome / 2 ** shiftOf(k)) % 2 ** CASE_BITS;
      if (times > 0) one.chance += count / starts;
      one.times += (times * count) / starts;
      looks += (times * count) / starts;
      if (one.case.includes('/insert')) pairs += (times * count) / starts;
    });
  }
  // Each pair has a hold of its own. The room held before may be the first to be filled; it cannot
  // be when the cube was just turned over.
  const up = sideInHold(before, UP) === opposite(first);
  const kept = up ? counter.kept / starts : 0;
  const turns = distributionOf(counts);
  const stage: StageSurvey = {
    approach: approach.id,
    stage: approach.stage,
    turns,
    looks,
    holds: pairs - kept,
    cases,
  };
  return { starts, stages: [stage], turns };
}
