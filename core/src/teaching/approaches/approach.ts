import type { Stage } from '../stages/index.js';
import type { After } from './after.js';
import type { Lines } from '../wording/index.js';
import type { Seen } from '../wording/index.js';

/**
 * What must be seen, sticker by sticker, once the layer is lined up. A sticker is named by its
 * place in the hold and the side it faces: `UFR.F` is the front sticker of the top front right
 * corner.
 */
export type Pattern = Readonly<Record<string, Seen>>;

/** Turning one layer, as often as needed, until the case is seen. */
export interface LiningUp {
  layer: 'U' | 'D';
  /** Added to `look` when the layer must be turned. */
  turning: Lines;
  /** Added to `look` when it stands right already. */
  already: Lines;
}

/**
 * What a case is called and how it is told. Sentences may name colours by role in braces
 * (`{first}`, `{front}`), the colours of the pieces concerned (`{piece}`, `{piece2}`), where the
 * first of them is in the hold of the step before lining up (`{at}`, "on top, at the back right"),
 * and where they are in the hold the reader still has (`{was}`, `{was2}`).
 */
export interface CaseWords {
  /** `approach/case`, unique everywhere. */
  id: string;
  /** What is seen, in the hold of its picture; `{first}` and `{opposite}` are colours. */
  title: string;
  /** Which piece, and where it is before the cube is held anew; the usual words if not said. */
  find?: Lines;
  /** What decides the case, in the hold of the step. */
  look: Lines;
  why: Lines;
}

/** One case of an approach that is data alone. */
export interface Case extends CaseWords {
  /** Cases of a lower rank are taken first; among equals the fewest turns decide. */
  rank?: number;
  /** One pattern, or several of which any will do. */
  seen: Pattern | readonly Pattern[];
  /** The places in the hold, after lining up, of the pieces the case is about. */
  pieces: readonly string[];
  lineUp?: LiningUp;
  /** Turns in the hold; empty when lining up is all. */
  sequence: string;
  /** How often the sequence is done, 1 if not said. */
  times?: number;
}

interface ApproachWords {
  id: string;
  title: string;
  /** The title where there is little room and the stage is named beside it. */
  short?: string;
  stage: Stage;
  /** The stage that must be done just before, or several of which any will do; null for none. */
  after: After;
  /** Which colour is held up. */
  up: 'first' | 'opposite';
  /** What one does, in a sentence. */
  summary: string;
}

/** One way of doing one stage, as data: the cases say all there is to know. */
export interface PatternApproach extends ApproachWords {
  /** Once begun, the front stays the front until the stage is done. */
  keepsHold?: boolean;
  cases: readonly Case[];
}

/** A case whose turns are searched for. */
export interface SearchCase extends CaseWords {
  /** Added to `look` when a layer must be turned first. */
  turning?: Lines;
  /** Other sentences where it happens otherwise, by what the search calls that. */
  otherwise?: Readonly<Record<string, Partial<Pick<SearchCase, 'look' | 'turning' | 'why'>>>>;
}

/** One way of doing one stage that looks ahead: its turns come from a search, its words from here. */
export interface SearchApproach extends ApproachWords {
  search: 'cross' | 'pairs';
  cases: readonly SearchCase[];
}

export type Approach = PatternApproach | SearchApproach;

export const isSearch = (approach: Approach): approach is SearchApproach => 'search' in approach;
