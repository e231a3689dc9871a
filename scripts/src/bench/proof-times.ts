import { performance } from 'node:perf_hooks';
import { prove } from '@sleetcrest/core/engine/prove';
import { APPROACHES } from '@sleetcrest/core/teaching/approaches';
import { rounded } from './median.js';

/** How long the proof of every approach takes on one core, in seconds. */
export function proofTimes(): object {
  const approaches = APPROACHES.map((approach) => {
    const began = performance.now();
    const { starts, solved } = prove(approach);
    const seconds = rounded((performance.now() - began) / 1000);
    return { approach: approach.id, starts, solved, seconds };
  });
  const seconds = rounded(approaches.reduce((sum, one) => sum + one.seconds, 0));
  return { seconds, allowedSeconds: 60, approaches };
}
