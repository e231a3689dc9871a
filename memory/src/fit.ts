import {
  cardKey,
  dayNumber,
  inOrder,
  lossOf,
  type Memory,
  Pace,
  type Promised,
  type Rating,
  type Review,
  type Trace,
} from '@sleetcrest/core/learner/answers';
import { fsrsMemory, USUAL_WEIGHTS, type Weights } from './fsrs.js';

/** What fitting the parameters to one person's answers came to. */
export interface Fit {
  readonly weights: Weights;
  /** Whether they are used: only if they foretell answers they were not fitted to better. */
  readonly used: boolean;
  /** Log loss on the answers held out, by what is usual and by what was fitted. */
  readonly usual: number;
  readonly fitted: number;
  /** Answers fitted to, and held out. */
  readonly learned: number;
  readonly heldOut: number;
}

/** With fewer answers the parameters stay as they usually are. */
export const ENOUGH_TO_FIT = 400;
/** The last of the answers are held out. */
const HELD_OUT = 0.2;
/** So many of the newest are looked at. */
const MOST = 10_000;

/** One answer as the model sees it. */
interface Step {
  readonly card: number;
  /** Days since the answer before; −1 for the first. */
  readonly days: number;
  readonly rating: Rating;
  readonly right: boolean;
}

/** Parameters that may differ: first stabilities, growth, what forgetting leaves, the shape of the curve. */
const FITTED = [0, 1, 2, 3, 8, 9, 10, 11, 15, 16, 20];
const FACTORS = [1.6, 1.25, 1.08];
const ROUNDS = 2;

/**
 * Fits the parameters to a person's answers, by trying each a little larger and smaller while that
 * foretells better; the last fifth of the answers is kept to judge by. Null with too few answers.
 * Takes a second or so for some thousands: it belongs in a worker.
 */
export function fitWeights(reviews: readonly Review[]): Fit | null {
  const steps = stepsOf(reviews.slice(-MOST));
  const later = steps.filter(({ days }) => days > 0).length;
  if (reviews.length < ENOUGH_TO_FIT || later === 0) return null;
  const until = Math.floor(steps.length * (1 - HELD_OUT));
  const learning = (weights: Weights): number => lossIn(steps, fsrsMemory(weights), 0, until);
  let weights: Weights = USUAL_WEIGHTS;
  let loss = learning(weights);
  for (let round = 0; round < ROUNDS; round++) {
    for (const factor of FACTORS) {
      for (const at of FITTED) {
        for (const by of [factor, 1 / factor]) {
          const tried = weights.map((one, k) => (k === at ? one * by : one));
          const now = learning(tried);
          if (now < loss) [weights, loss] = [tried, now];
        }
      }
    }
  }
  const usual = lossIn(steps, fsrsMemory(), until, steps.length);
  const fitted = lossIn(steps, fsrsMemory(weights), until, steps.length);
  return {
    weights,
    used: fitted < usual,
    usual,
    fitted,
    learned: until,
    heldOut: steps.length - until,
  };
}

/** Ratings do not depend on the model, so they are made once. */
function stepsOf(reviews: readonly Review[]): Step[] {
  const steps: Step[] = [];
  const pace = new Pace();
  const cards = new Map<string, number>();
  const lastDays: number[] = [];
  for (const review of inOrder(reviews)) {
    const key = cardKey(review);
    const card = cards.get(key) ?? cards.size;
    cards.set(key, card);
    const day = dayNumber(review.at);
    const last = lastDays[card];
    const days = last === undefined ? -1 : Math.max(0, day - last);
    lastDays[card] = day;
    steps.push({ card, days, rating: pace.take(review), right: review.right });
  }
  return steps;
}

/** The log loss of what a model promises for the answers from one on up to another. */
function lossIn(steps: readonly Step[], memory: Memory, from: number, until: number): number {
  const traces: (Trace | null)[] = [];
  const promised: Promised = { recalls: [], right: [] };
  for (let k = 0; k < until; k++) {
    const { card, days, rating, right } = steps[k]!;
    const trace = traces[card] ?? null;
    if (k >= from && trace && days > 0) {
      promised.recalls.push(memory.recall(trace, days));
      promised.right.push(right);
    }
    traces[card] = memory.after(trace, Math.max(0, days), rating);
  }
  return lossOf(promised) ?? Infinity;
}
