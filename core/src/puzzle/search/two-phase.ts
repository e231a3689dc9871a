import {
  applyTurns,
  copyCube,
  type Cube,
  inverse,
  inverseTurn,
  type Turn,
  turnInHold,
} from '../cube/index.js';
import { CORNER_ORDER, FLIP, MIDDLE_ORDER, OUTER_ORDER, SLICE, TWIST } from './coordinates.js';
import { isIdle, seenIn, VIEWS } from './views.js';
import { FIRST_TURNS, SECOND_TURNS, type WayTables } from './way-tables.js';

const FIRST = FIRST_TURNS.length;
const SECOND = SECOND_TURNS.length;
const IS_SECOND = FIRST_TURNS.map((turn) => SECOND_TURNS.includes(turn));

/** No phase needs more: the longest there are take 12 and 18 turns. */
const MOST_FIRST = 12;
/** A second phase of more turns is not worth its time: another first phase leads on sooner. */
const WORTH_SECOND = 11;
const MOST_SECOND = 18;

/** How long to go on looking for fewer turns. */
export interface Effort {
  /** Stops at a way of at most so many turns, */
  content: number;
  /** or after looking at so many positions. */
  positions: number;
}

/** One way of looking at the cube: a view of it, or of the cube that undoes it. */
interface Look {
  cube: Cube;
  /** Turns found for `cube`, as turns that solve the cube asked about. */
  back(turns: readonly Turn[]): Turn[];
}

/**
 * Few turns that solve a cube. The first phase brings it to where quarter turns of four sides are
 * no longer needed, the second solves it; first phases are tried by increasing length in three
 * views of the cube and of its inverse, each with the shortest second phase that makes the whole
 * shorter than the best so far.
 */
export function fewTurns(tables: WayTables, cube: Cube, effort: Effort): Turn[] {
  const looks = VIEWS.flatMap((hold): Look[] => {
    const named = (turns: readonly Turn[]): Turn[] => turns.map((turn) => turnInHold(hold, turn));
    return [
      { cube: seenIn(hold, cube), back: named },
      {
        cube: seenIn(hold, inverse(cube)),
        back: (turns) => named(turns).reverse().map(inverseTurn),
      },
    ];
  });
  const attempt = (mostSecond: number): Turn[] | undefined => {
    let best: Turn[] | undefined;
    const search = new TwoPhase(tables, effort, mostSecond);
    for (let length = 0; length <= MOST_FIRST; length++) {
      for (const look of looks) {
        const shorter = search.shorter(look.cube, length);
        if (shorter) best = look.back(shorter);
        if (search.isOver) return best;
      }
    }
    return best;
  };
  // Any cube that turns can solve has a way with so long a second phase.
  return attempt(WORTH_SECOND) ?? attempt(MOST_SECOND)!;
}

class TwoPhase {
  /** The length of the best way so far. */
  private shortest = Infinity;
  private positions = 0;
  private cube: Cube = new Uint8Array();
  private readonly way: Turn[] = [];
  private found: Turn[] | undefined;

  constructor(
    private readonly tables: WayTables,
    private readonly effort: Effort,
    private readonly mostSecond: number,
  ) {}

  get isOver(): boolean {
    const { content, positions } = this.effort;
    const patient = this.shortest === Infinity && this.mostSecond === MOST_SECOND;
    return this.shortest <= content || (this.positions >= positions && !patient);
  }

  /** The best way with a first phase of just that length, if it beats the best so far. */
  shorter(cube: Cube, length: number): Turn[] | undefined {
    this.cube = cube;
    this.found = undefined;
    this.first(TWIST.of(cube), FLIP.of(cube), SLICE.of(cube), length, undefined);
    return this.found;
  }

  // Both phases stop early, by returning true, once the search is over.
  private first(
    twist: number,
    flip: number,
    slice: number,
    left: number,
    before: Turn | undefined,
  ): boolean {
    const { tables, way } = this;
    if (
      tables.twistSlice[twist * SLICE.count + slice]! > left ||
      tables.flipSlice[flip * SLICE.count + slice]! > left
    ) {
      return false;
    }
    this.positions++;
    // A first phase that ends with a turn of the second is a shorter one, tried before.
    if (left === 0) return before !== undefined && IS_SECOND[before] ? false : this.between(before);
    for (const turn of FIRST_TURNS) {
      if (isIdle(before, turn)) continue;
      way.push(turn);
      const over = this.first(
        tables.twist[twist * FIRST + turn]!,
        tables.flip[flip * FIRST + turn]!,
        tables.slice[slice * FIRST + turn]!,
        left - 1,
        turn,
      );
      way.pop();
      if (over) return true;
    }
    return false;
  }

  private between(before: Turn | undefined): boolean {
    const cube = applyTurns(copyCube(this.cube), this.way);
    const corners = CORNER_ORDER.of(cube);
    const outer = OUTER_ORDER.of(cube);
    const middle = MIDDLE_ORDER.of(cube);
    const most = (): number => Math.min(this.mostSecond, this.shortest - 1 - this.way.length);
    for (let length = 0; length <= most(); length++) {
      if (this.second(corners, outer, middle, length, before)) break;
    }
    return this.isOver;
  }

  private second(
    corners: number,
    outer: number,
    middle: number,
    left: number,
    before: Turn | undefined,
  ): boolean {
    const { tables, way } = this;
    if (
      tables.cornersMiddle[corners * MIDDLE_ORDER.count + middle]! > left ||
      tables.outerMiddle[outer * MIDDLE_ORDER.count + middle]! > left
    ) {
      return false;
    }
    this.positions++;
    if (left === 0) {
      this.found = [...way];
      this.shortest = way.length;
      return true;
    }
    for (let k = 0; k < SECOND; k++) {
      const turn = SECOND_TURNS[k]!;
      if (isIdle(before, turn)) continue;
      way.push(turn);
      const found = this.second(
        tables.corners[corners * SECOND + k]!,
        tables.outer[outer * SECOND + k]!,
        tables.middle[middle * SECOND + k]!,
        left - 1,
        turn,
      );
      way.pop();
      if (found) return true;
    }
    return false;
  }
}
