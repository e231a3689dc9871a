import { type Random, randomFrom } from '@sleetcrest/core';
import {
  CardBook,
  type Fresh,
  freshToday,
  type Memory,
  nextCard,
  type Review,
} from '@sleetcrest/core/learner/answers';
import { fsrsMemory } from './fsrs.js';

/** How practice is planned. */
export type Strategy =
  /** As the product does: what is worth most first, due by the model, no more new than the days hold. */
  | 'worth'
  /** The same model and limit, new cases in the order in which they are listed. */
  | 'listed'
  /** No model: every day through all that was begun, in order, a new case each day. */
  | 'fixed';

/** Something to be recognised, and how often a solve meets it. */
export interface Item {
  readonly item: string;
  readonly chance: number;
  /** Another that looks like it; it is what is said when this one is not recalled. */
  readonly like: string | null;
}

/** What came of it for all simulated learners together. */
export interface Simulated {
  readonly strategy: Strategy;
  readonly learners: number;
  /** Means over learners. */
  readonly minutes: number;
  readonly begun: number;
  /** Cases that would be recalled on the day after the last, by the learner's own memory. */
  readonly recalled: number;
  readonly recalledAMinute: number;
  /** The part of what solves meet that would be recalled. */
  readonly met: number;
}

export interface Setting {
  readonly learners: number;
  readonly days: number;
  readonly minutesADay: number;
  readonly seed: number;
  readonly items: readonly Item[];
}

/**
 * What a simulated learner has in the head: every time something was met leaves a trace that fades
 * with a power of time, and the traces add up; what is strong enough is recalled, with noise. It is
 * not the model that practice is planned by.
 */
class Head {
  private readonly met = new Map<string, number[]>();

  constructor(
    private readonly random: Random,
    /** How quickly traces fade, and how strong they must be. */
    private readonly fades: number,
    private readonly threshold: number,
  ) {}

  /** The chance to recall at a time in days. */
  chance(item: string, now: number): number {
    const times = this.met.get(item);
    if (!times) return 0;
    const sum = times.reduce((total, at) => total + Math.max(SOON, now - at) ** -this.fades, 0);
    return 1 / (1 + Math.exp((this.threshold - Math.log(sum)) / NOISE));
  }

  recalls(item: string, now: number): boolean {
    return this.uniform() < this.chance(item, now);
  }

  meet(item: string, now: number): void {
    const times = this.met.get(item) ?? [];
    times.push(now);
    this.met.set(item, times);
  }

  /** Seconds for an answer: longer where it was nearly gone, and never twice the same. */
  seconds(chance: number): number {
    const bell = [1, 2, 3, 4].reduce((sum) => sum + this.uniform(), 0) - 2;
    return Math.round(100 * (1.2 + 3 * (1 - chance)) * Math.exp(0.5 * bell)) / 100;
  }

  uniform(): number {
    return this.random(1 << 24) / (1 << 24);
  }
}

/** Just met is not met for ever: ten seconds, in days. */
const SOON = 10 / 86_400;
const NOISE = 0.6;
/** Seconds to be shown something new or again, and between cards. */
const SHOWN = 12;
const BETWEEN = 2;
const DAY_MS = 86_400_000;
const BEGAN = Date.UTC(2026, 0, 5, 17);

/** Simulated learners practise for some weeks by a strategy. */
export function simulate(
  strategy: Strategy,
  setting: Setting,
  memory: Memory = fsrsMemory(),
): Simulated {
  const totals = { minutes: 0, begun: 0, recalled: 0, met: 0 };
  for (let k = 0; k < setting.learners; k++) {
    const one = learn(strategy, setting, memory, setting.seed + k);
    for (const key of ['minutes', 'begun', 'recalled', 'met'] as const) totals[key] += one[key];
  }
  const mean = (total: number): number => total / setting.learners;
  return {
    strategy,
    learners: setting.learners,
    minutes: mean(totals.minutes),
    begun: mean(totals.begun),
    met: mean(totals.met),
    recalled: mean(totals.recalled),
    recalledAMinute: totals.recalled / totals.minutes,
  };
}

type Totals = Record<'minutes' | 'begun' | 'recalled' | 'met', number>;

function learn(
  strategy: Strategy,
  { days, minutesADay, items }: Setting,
  memory: Memory,
  seed: number,
): Totals {
  const random = randomFrom(seed);
  const head = new Head(random, 0.35 + random(20) / 100, 0.4 + random(60) / 100);
  const order = strategy === 'worth' ? [...items].sort((a, b) => b.chance - a.chance) : items;
  const book = new CardBook(memory);
  const begun: Item[] = [];
  let seconds = 0;
  let answers = 0;
  const today = (day: number): number => Math.floor(BEGAN / DAY_MS) + day;

  for (let day = 0; day < days; day++) {
    let spent = 0;
    const session: Review[] = [];
    const now = (): number => day + spent / 86_400;
    const show = (item: string): void => {
      spent += SHOWN;
      head.meet(item, now());
    };
    const ask = ({ item, like }: Item): boolean => {
      const chance = head.chance(item, now());
      const right = head.recalls(item, now());
      const took = head.seconds(chance);
      spent += took + BETWEEN;
      const review: Review = {
        id: `${seed}-${answers++}`,
        kind: 'see',
        item,
        right,
        seconds: took,
        turns: 0,
        answer: right ? '' : (like ?? ''),
        by: 'keys',
        at: new Date(BEGAN + day * DAY_MS + spent * 1000).toISOString(),
      };
      book.add(review);
      session.push(review);
      if (right) head.meet(item, now());
      else show(item);
      return right;
    };
    const begin = (one: Item): void => {
      begun.push(one);
      show(one.item);
      ask(one);
    };
    const room = (): boolean => spent < minutesADay * 60;

    if (strategy === 'fixed') {
      for (const one of begun) if (room()) ask(one);
      if (room() && begun.length < order.length) begin(order[begun.length]!);
    } else {
      const byItem = new Map(items.map((one) => [one.item, one]));
      for (let next = nextCard(book, today(day), session); next && room();) {
        ask(byItem.get(next.item)!);
        next = nextCard(book, today(day), session);
      }
      const fresh = order
        .slice(begun.length)
        .map(({ item }): Fresh => ({ kind: 'see', item, turns: 0 }));
      const count = freshToday(book, today(day), fresh, minutesADay * 60);
      for (const one of order.slice(begun.length, begun.length + Math.min(count, MOST_NEW))) {
        if (room()) begin(one);
      }
    }
    seconds += spent;
  }
  const chances = items.map(({ item, chance }) => ({ recall: head.chance(item, days), chance }));
  const all = chances.reduce((sum, { chance }) => sum + chance, 0);
  return {
    minutes: seconds / 60,
    begun: begun.length,
    recalled: chances.reduce((sum, { recall }) => sum + recall, 0),
    met: chances.reduce((sum, { recall, chance }) => sum + recall * chance, 0) / all,
  };
}

/** New cases begun on one day. */
const MOST_NEW = 2;
