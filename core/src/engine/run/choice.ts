import type { Hold } from '../../puzzle/cube/index.js';
import type { CaseWords, Sentence } from '../../teaching/approaches/index.js';
import type { Template } from './text.js';

/** The sentences of a step, each with what it claims. */
export interface Spoken {
  readonly find: readonly Sentence[];
  readonly look: readonly Sentence[];
  readonly why: readonly Sentence[];
}

/** The lines of a step parted once, to be filled with the colours and places of a cube. */
export interface Lined {
  readonly spoken: Spoken;
  readonly find: Template;
  readonly look: Template;
  readonly why: Template;
}

/** A step chosen for a cube: the case, the hold, the turns, and the sentences still to be filled. */
export interface Choice {
  readonly case: CaseWords;
  readonly hold: Hold;
  /** The hold afterwards: another one when the sequence turns the whole cube. */
  readonly holdAfter: Hold;
  readonly turnCount: number;
  /** Lining up and sequence as turns of the cube's sides. */
  readonly turns: Uint8Array;
  readonly lineUp: string;
  readonly sequence: string;
  /** The places of the cube where the pieces concerned are before lining up. */
  readonly places: readonly number[];
  readonly lines: Lined;
  /** Colours and places that the sentences may name, but for the pieces'. */
  readonly words: ReadonlyMap<string, string>;
}
