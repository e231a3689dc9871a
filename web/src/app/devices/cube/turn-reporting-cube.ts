import type { Cube, Turn } from '@sleetcrest/core';
import type { Observable } from 'rxjs';

/** A turn of one of the cube's own sides, and when it was done. */
export interface ReportedTurn {
  turn: Turn;
  /** Milliseconds since the page began, from the device's own clock where it has one. */
  at: number;
}

/**
 * A cube that tells each turn as it is done. It knows its sides by their centres, so re-holding it
 * is no turn. What a real device needs to be connected belongs behind `connect`.
 */
export interface TurnReportingCube {
  readonly name: string;
  /** The turns from now on; completes when the connection ends, errors when it is lost. */
  readonly turns: Observable<ReportedTurn>;
  /** Connects; `cube` is how it looks now, as far as its person has told. */
  connect(cube: Cube): Promise<void>;
  disconnect(): void;
}
