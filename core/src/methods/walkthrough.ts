import type { Approach } from '../approaches/approach.js';
import type { CubeDocument } from '../cube/painted.js';
import type { Stage } from '../stages/stages.js';

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
  look: string;
  why: string;
  completes: Stage | null;
}

/** A whole explained solve, `sleetcrest/walkthrough@1`. */
export interface Walkthrough {
  format: 'sleetcrest/walkthrough@1';
  method: string;
  firstColour: string;
  start: CubeDocument;
  steps: Step[];
  turnCount: number;
}

/** A method document, `sleetcrest/method@1`: each approach a built-in one's id, or written out. */
export interface Method {
  format: 'sleetcrest/method@1';
  id: string;
  title: string;
  approaches: readonly (string | Approach)[];
}
