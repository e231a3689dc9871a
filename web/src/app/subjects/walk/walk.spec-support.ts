import {
  methodById,
  randomCube,
  randomFrom,
  type Walkthrough,
  writeCubeDocument,
} from '@sleetcrest/core';
import { solve, stagesOf } from '@sleetcrest/core/engine/run';
import type { WalkRecord } from './walk-record';

/** A record of a walk from a random cube. */
export const aRecord = (seed = 1, change: Partial<WalkRecord> = {}): WalkRecord => ({
  id: `7c9ad5a1-6a5c-4d0e-9a53-${String(seed).padStart(12, '0')}`,
  name: `Cube ${seed}`,
  start: writeCubeDocument(randomCube(randomFrom(seed))),
  method: 'gentle',
  firstColour: 'white',
  position: { step: 0, turn: 0 },
  ...change,
});

/** The stages it goes through. */
export const GENTLE_STAGES = stagesOf(methodById('gentle')!);

/** The walkthrough of the same random cube. */
export function aWalk(seed = 1): Walkthrough {
  const walk = solve(randomCube(randomFrom(seed)), methodById('gentle')!);
  if (!walk.ok) throw new Error(walk.error);
  return walk.value;
}
