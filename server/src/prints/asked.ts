import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import type { Colour, Method } from '@sleetcrest/core';

/** Something set, in words, with the day until which, a note, and the cases it is about. */
export interface TaskOnPaper {
  words: string;
  until: string | null;
  note: string;
  cases: readonly string[];
}

/** What a thread is asked to print for one learner. */
export interface PageAsked {
  kind: 'pack' | 'letters' | 'certificates';
  paper: 'A4' | 'LETTER';
  day: string;
  group: string;
  coach: string;
  method: Method;
  firstColour: Colour;
  stages: Matrix['stages'];
  columns: Matrix['columns'];
  row: MatrixRow;
  /** What is set for them. */
  set: TaskOnPaper[];
  /** Days on which they practised or recorded anything since the season began. */
  days: number;
}
