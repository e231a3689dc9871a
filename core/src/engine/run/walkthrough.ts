import type { CubeDocument } from '../../puzzle/cube/index.js';
import type { Stage } from '../../teaching/stages/index.js';

/** One step of a walkthrough, as the document has it (design: Walkthrough). */
export interface Step {
  stage: Stage;
  approach: string;
  case: string;
  /** The pieces the step is about, each by its colours. */
  pieces: string[][];
  hold: { up: string; front: string };
  /** Turns in the hold, in the prime dialect; may be empty. */
  lineUp: string;
  sequence: string;
  /** Which piece, and where it is in the hold the reader has before the step. */
  find: string;
  /** What decides the case, in the hold of the step. */
  look: string;
  why: string;
  completes: Stage | null;
}

/** A whole explained solve, `sleetcrest/walkthrough@2`. */
export interface Walkthrough {
  format: 'sleetcrest/walkthrough@2';
  method: string;
  firstColour: string;
  start: CubeDocument;
  steps: Step[];
  turnCount: number;
}
