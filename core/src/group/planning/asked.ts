import type { Standing } from '../../learner/standing/index.js';

/** A case of the group's method, in the order in which cases are worth learning. */
export interface PlanCase {
  readonly case: string;
  readonly stage: string;
  readonly title: string;
  /** Turns of its sequence; 0 where a search finds them. */
  readonly turns: number;
}

/** Two cases that a learner takes for each other. */
export interface MixedUp {
  readonly was: string;
  readonly said: string;
  readonly times: number;
}

/** A learner who comes, and how they stand with each of the cases, in their order. */
export interface PlanLearner {
  readonly id: string;
  readonly name: string;
  readonly standings: readonly Standing[];
  readonly mixedUp: readonly MixedUp[];
  /** Cases whose cards are due on the day of the session. */
  readonly due: readonly string[];
}

/** What a session is planned from. */
export interface PlanAsked {
  readonly cases: readonly PlanCase[];
  readonly learners: readonly PlanLearner[];
  /** The whole session: 20 to 90. */
  readonly minutes: number;
  /** Cubes that can be prepared. */
  readonly cubes: number;
  readonly seed: number;
}

/** What a table does in one block. */
export interface Slot {
  /**
   * `new`: a case nobody there has begun, with the coach. `firm`: what is begun, known or slipping is made
   * sure, whoever is sure of it explaining it. `apart`: two cases told apart. `solve`: whole solves.
   */
  readonly kind: 'new' | 'firm' | 'apart' | 'solve';
  /** Empty for `solve`. */
  readonly case: string;
  /** The other case, for `apart`; otherwise empty. */
  readonly other: string;
}

/** Learners who sit together for the whole session, and what they do in each block. */
export interface PlanTable {
  readonly learners: readonly string[];
  readonly slots: readonly Slot[];
}

/** How a session is parted, in minutes. */
export interface Parts {
  readonly warmUp: number;
  readonly blocks: number;
  readonly block: number;
  readonly closing: number;
}

export const LEAST_MINUTES = 20;
export const MOST_MINUTES = 90;
/** Sessions from this on have three blocks, shorter ones two. */
const THREE_FROM = 50;

/** Parts a session: a warm-up of a sixth and a closing of a tenth, and two or three equal blocks between. */
export function partsOf(minutes: number): Parts {
  const blocks = minutes >= THREE_FROM ? 3 : 2;
  const [warm, close] = [
    Math.min(10, Math.round(minutes / 6)),
    Math.max(3, Math.round(minutes / 10)),
  ];
  const block = Math.floor((minutes - warm - close) / blocks);
  return { warmUp: minutes - close - blocks * block, blocks, block, closing: close };
}

/** Minutes in which the coach has been at one table and is at the next. */
const VISIT = 2;

/** The most tables there may be: one coach gets round all of them in a block, and each needs a cube. */
export function mostTables({ learners, minutes, cubes }: PlanAsked, atTable: number): number {
  const visited = Math.max(
    Math.ceil(learners.length / atTable),
    Math.floor(partsOf(minutes).block / VISIT),
  );
  return Math.min(learners.length, cubes, visited);
}
