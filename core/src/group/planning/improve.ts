import type { Random } from '../../puzzle/cube/index.js';
import type { Seated } from './exact.js';
import { MOST_AT_TABLE, type Programmes } from './programmes.js';

/** How often the best seating found is shaken up and improved again. */
const KICKS = 9;
/** Learners who change places in one shake. */
const SHAKEN = 5;
const NEARLY = 1e-9;

type Table = readonly number[];

/** Tables as they are worth most: as many as there are blocks sit beside the coach, those that gain most by it. */
export function withTheCoach(
  programmes: Programmes,
  tables: readonly Table[],
): { seated: Seated[]; value: number } {
  const { blocks } = programmes.gains;
  const worth = tables.map((members) => worthOf(programmes, members));
  const coached = worth
    .map(({ more }, at) => ({ more, at }))
    .filter(({ more }) => more > 0)
    .sort((a, b) => b.more - a.more)
    .slice(0, blocks)
    .map(({ at }) => at);
  return {
    seated: tables.map((members, at) => ({ members, withCoach: coached.includes(at) })),
    value: valueOf(worth, blocks),
  };
}

/** What a table is worth without the coach, and how much more with. */
interface Worth {
  readonly alone: number;
  readonly more: number;
}

function worthOf(programmes: Programmes, members: Table): Worth {
  const alone = programmes.of(members, false).value;
  return { alone, more: Math.max(0, programmes.of(members, true).value - alone) };
}

function valueOf(worth: readonly Worth[], blocks: number): number {
  let sum = 0;
  const largest = new Float64Array(blocks);
  for (const { alone, more } of worth) {
    sum += alone;
    if (more <= largest[blocks - 1]!) continue;
    let k = blocks - 1;
    for (; k > 0 && largest[k - 1]! < more; k--) largest[k] = largest[k - 1]!;
    largest[k] = more;
  }
  for (const more of largest) sum += more;
  return sum;
}

/**
 * Improves a seating as long as one learner moving, two changing places, or two tables put together make
 * it better; then shakes the best up, so many times, and improves that.
 * @param most the most tables there may be
 */
export function improve(
  programmes: Programmes,
  start: readonly Table[],
  most: number,
  random: Random,
): readonly Table[] {
  const climber = new Climber(programmes, most);
  let best = climber.climb(start);
  for (let kick = 0; kick < KICKS; kick++) {
    const found = climber.climb(shake(best.tables, programmes.gains.learners, most, random));
    if (found.value > best.value + NEARLY) best = found;
  }
  return best.tables;
}

/** A step: these tables, by their numbers, become those; a number beyond all is a new table. */
type Change = readonly (readonly [at: number, to: Table])[];

class Climber {
  constructor(
    private readonly programmes: Programmes,
    private readonly most: number,
  ) {}

  climb(from: readonly Table[]): { tables: readonly Table[]; value: number } {
    const { blocks } = this.programmes.gains;
    let tables = [...from];
    let worth = tables.map((members) => worthOf(this.programmes, members));
    let value = valueOf(worth, blocks);
    for (;;) {
      let best: Change | undefined;
      let most = value + NEARLY;
      for (const change of neighbours(tables, this.most)) {
        const next = [...worth];
        for (const [at, to] of change)
          next[at] = to.length > 0 ? worthOf(this.programmes, to) : NONE;
        const now = valueOf(next, blocks);
        if (now <= most) continue;
        // The first that is better is taken: looking for the best takes longer and comes to no more.
        [best, most] = [change, now];
        break;
      }
      if (!best) return { tables, value };
      for (const [at, to] of best) tables[at] = to;
      tables = tables.filter(({ length }) => length > 0);
      worth = tables.map((members) => worthOf(this.programmes, members));
      value = valueOf(worth, blocks);
    }
  }
}

const NONE: Worth = { alone: 0, more: 0 };

/** All seatings one step away. */
function* neighbours(tables: readonly Table[], most: number): Generator<Change> {
  for (const [a, from] of tables.entries()) {
    for (const one of from) {
      const left = from.filter((other) => other !== one);
      for (const [b, to] of tables.entries()) {
        if (b === a) continue;
        if (to.length < MOST_AT_TABLE)
          yield [
            [a, left],
            [b, joined(to, one)],
          ];
        if (b < a) continue;
        for (const other of to) {
          const others = to.filter((each) => each !== other);
          yield [
            [a, joined(left, other)],
            [b, joined(others, one)],
          ];
        }
      }
      if (tables.length < most && left.length > 0)
        yield [
          [a, left],
          [tables.length, [one]],
        ];
    }
    for (const [b, to] of tables.entries()) {
      if (b <= a || from.length + to.length > MOST_AT_TABLE) continue;
      yield [
        [a, []],
        [b, [...from, ...to].sort(upwards)],
      ];
    }
  }
}

const upwards = (a: number, b: number): number => a - b;
const joined = (members: Table, one: number): number[] => [...members, one].sort(upwards);

function shake(tables: readonly Table[], learners: number, most: number, random: Random): Table[] {
  let now: Table[] = [...tables];
  for (let k = 0; k < SHAKEN; k++) {
    const one = random(learners);
    const from = now.findIndex((members) => members.includes(one));
    const to = random(now.length + (now.length < most ? 1 : 0));
    if (to === from || (now[to]?.length ?? 0) >= MOST_AT_TABLE) continue;
    now[from] = now[from]!.filter((other) => other !== one);
    now[to] = joined(now[to] ?? [], one);
    now = now.filter(({ length }) => length > 0);
  }
  return now;
}
