import { METHODS } from '@sleetcrest/core';
import { APPROACHES } from '@sleetcrest/core/teaching/approaches';
import type { Io } from '../io.js';

/** `methods`: every method, and every approach with its cases. */
export function methodsVerb(io: Io): number {
  io.out(JSON.stringify({ methods: METHODS, approaches: APPROACHES }, null, 2));
  return 0;
}
