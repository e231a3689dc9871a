import type { CreateSolve, Position, SavedSolve, UpdateSolve } from '@sleetcrest/contract';
import isEqual from 'fast-deep-equal';

/** What is kept of a walk, here and on the server. */
export type WalkRecord = Required<CreateSolve>;

export function recordOf(solve: SavedSolve): WalkRecord {
  const { id, name, start, method, firstColour, position } = solve;
  return { id, name, start, method, firstColour, position };
}

/** Whether both lead to the same walkthrough. */
export const samePlan = (a: WalkRecord, b: WalkRecord): boolean =>
  isEqual(a.method, b.method) &&
  a.firstColour === b.firstColour &&
  // The database gives back the same cube, its sides perhaps in another order.
  (a.start === b.start || isEqual(a.start, b.start));

const samePosition = (a: WalkRecord, b: WalkRecord): boolean =>
  a.position.step === b.position.step && a.position.turn === b.position.turn;

export const sameRecord = (a: WalkRecord, b: WalkRecord): boolean =>
  a.id === b.id && a.name === b.name && samePosition(a, b) && samePlan(a, b);

/**
 * What must be changed for `kept` to become `wanted`. A mere position says where it was moved from, so
 * that of two devices that walked on the further counts.
 */
export function changesBetween(kept: WalkRecord, wanted: WalkRecord): UpdateSolve {
  const { start, method, firstColour, position, name } = wanted;
  const moved = samePosition(kept, wanted) ? {} : { position, from: kept.position };
  return {
    ...(samePlan(kept, wanted) ? moved : { start, method, firstColour, position }),
    ...(kept.name === name ? {} : { name }),
  };
}

/** Whether one position is further on a walk than another. */
export const isFurther = (one: Position, other: Position): boolean =>
  one.step > other.step || (one.step === other.step && one.turn > other.turn);

/** A walk, and what the server last confirmed of it; null when it never did. */
export interface KeptWalk {
  record: WalkRecord;
  kept: WalkRecord | null;
}

/** Whether the server has yet to hear something of a walk. */
export const isUnsent = ({ record, kept }: KeptWalk): boolean =>
  kept === null || !sameRecord(record, kept);
