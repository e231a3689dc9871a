/** How well an answer went: wrong, right but slow, right, right and quick. */
export const RATINGS = { again: 1, hard: 2, good: 3, easy: 4 } as const;
export type Rating = (typeof RATINGS)[keyof typeof RATINGS];

/** What is left of something learned: after `stability` days nine of ten are still recalled. */
export interface Trace {
  readonly stability: number;
  /** 1…10. */
  readonly difficulty: number;
}

/**
 * A model of how things stay. Core asks one and knows none: which it is, is chosen by who calls.
 * Days are whole; answers on the same day are 0 apart.
 */
export interface Memory {
  /**
   * What is left after an answer, so many days after the one before; null before the first. What
   * `recall` says of it then may be given, so that it is not reckoned twice.
   */
  after(trace: Trace | null, days: number, rating: Rating, recall?: number): Trace;
  /** The chance, 0…1, to recall it so many days after the last answer. */
  recall(trace: Trace, days: number): number;
  /** Whole days after which the chance has come down to this. */
  daysUntil(trace: Trace, chance: number): number;
}
