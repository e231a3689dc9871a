import type { Cube, Hold, Side, Turn } from '../../puzzle/cube/index.js';
import type { OnProgress } from './progress.js';
import type { Choice } from './choice.js';
import type { PartSurvey } from './stage-survey.js';

/** A cube on which a search takes a case, and which of the pairs asked for are solved on it. */
export interface CaseMet {
  readonly cube: Cube;
  readonly case: string;
  /** A bit for each of `pairs`. */
  readonly solved: number;
}

/** What decides where turns are searched for: where some pieces are, told in a hold. */
export interface Deciding {
  readonly hold: Hold;
  /** The pieces, by home place, each with the colour that tells how it lies. */
  readonly pieces: readonly { readonly piece: number; readonly colour: Side }[];
  /** Pairs, each by its edge, of which only matters whether they are solved. */
  readonly pairs: readonly number[];
  /** Every start, with the case that is taken on it. */
  readonly met: () => Iterable<CaseMet>;
}

/** What a runner that searches says of itself where one of patterns is read from its cases. */
export interface Searching {
  readonly deciding: Deciding;
  /** The pieces, by home place, that a picture of a step shows. */
  concerned(cube: Cube, choice: Choice | undefined): readonly number[];
  /** Turns after which what is done before the stage stands again: undone, they lead to its starts. */
  readonly undoings: readonly (readonly Turn[])[];
  /** How much of the stage is done, in pieces. */
  progress(cube: Cube): number;
  /** The fewest turns to the goal; undefined where that is not known. */
  fewest(cube: Cube): number | undefined;
  /** The survey of the stage from a hold, where there are too many starts to run from each. */
  survey?(before: Hold, report: OnProgress): PartSurvey;
}
