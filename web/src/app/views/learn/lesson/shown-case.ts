import { applyMoves, copyCube, type Cube, type Hold, type Move, readMoves } from '@sleetcrest/core';
import type { Shown } from '../../../subjects/practice/work';

/** Turns of the whole cube to the hold, lining up, then the sequence. */
export function movesOf({ lineUp, sequence }: Shown): readonly Move[] {
  const read = readMoves(`${lineUp} ${sequence}`.trim());
  return read.ok ? read.value : [];
}

/** The cube and the hold once so many of the moves are done. */
export function shownAfter(shown: Shown, done: number): { cube: Cube; hold: Hold } {
  const cube = copyCube(shown.cube);
  const hold = applyMoves(cube, shown.doneIn, movesOf(shown).slice(0, done));
  return { cube, hold };
}
