import type { CreateSolve, SavedSolve } from '@sleetcrest/contract';
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
  (a.start === b.start || JSON.stringify(a.start) === JSON.stringify(b.start));

const samePosition = (a: WalkRecord, b: WalkRecord): boolean =>
  a.position.step === b.position.step && a.position.turn === b.position.turn;

export const sameRecord = (a: WalkRecord, b: WalkRecord): boolean =>
  a.id === b.id && a.name === b.name && samePosition(a, b) && samePlan(a, b);

/** What must be changed for `kept` to become `wanted`. */
export function changesBetween(kept: WalkRecord, wanted: WalkRecord): Partial<CreateSolve> {
  const { start, method, firstColour, position, name } = wanted;
  return {
    ...(samePlan(kept, wanted) ? {} : { start, method, firstColour, position }),
    ...(samePosition(kept, wanted) ? {} : { position }),
    ...(kept.name === name ? {} : { name }),
  };
}

/** A record, and what the server last confirmed of it; null when it never did. */
export interface Kept {
  record: WalkRecord;
  kept: WalkRecord | null;
}

/** Whether the server has yet to hear something of a record. */
export const isUnsent = ({ record, kept }: Kept): boolean =>
  kept === null || !sameRecord(record, kept);
