import type { Hands } from '@sleetcrest/core/learner/timing';
import type { Observable } from 'rxjs';

/** Which hands lie on a table timer, and since when. */
export interface HandsReported {
  hands: Hands;
  /** Milliseconds since 1970, from the timer's own clock where it has one. */
  at: number;
}

/**
 * A mat on the table that feels both hands, as one would be connected by a serial port. What a real
 * one needs to be opened and read belongs behind `connect`.
 */
export interface TableTimer {
  readonly name: string;
  /** Each change of the hands from now on. */
  readonly reports: Observable<HandsReported>;
  connect(): Promise<void>;
  disconnect(): void;
}
