import { type Approach, approachById } from '../../teaching/approaches/index.js';
import { worth } from './data/worth.js';

/** What knowing a case is worth, in the order in which the cases of its approach are learned. */
export interface CaseWorth {
  readonly case: string;
  /** Turns a stage takes more on average without it. */
  readonly lost: number;
  /** With it and all before it: the part of starts that can be finished, and with no detour. */
  readonly finished: number;
  readonly direct: number;
}

/** By approach: its cases, and over how many starts they were counted, of how many. */
export type WorthFacts = Readonly<
  Record<
    string,
    { readonly tried: number; readonly starts: number; readonly cases: readonly CaseWorth[] }
  >
>;

/** What is known of the cases of an approach; undefined for somebody's own, or one that searches. */
export const worthOf = (approach: Approach): WorthFacts[string] | undefined =>
  approachById(approach.id) === approach ? facts()[approach.id] : undefined;

let read: WorthFacts | undefined;
const facts = (): WorthFacts => (read ??= JSON.parse(worth) as WorthFacts);
