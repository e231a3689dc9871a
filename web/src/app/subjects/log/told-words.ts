import type { ChangeEntry } from '@sleetcrest/contract/log';
import { SAY } from './words';

/** Words a person tells of a record. */
export interface ToldWords {
  readonly field: Extract<keyof ChangeEntry, 'cube' | 'note'>;
  readonly name: string;
  readonly most: number;
  readonly rows: number;
}

/** What is asked in words of each record, after a solve and later, in this order. */
export const TOLD_WORDS: readonly ToldWords[] = [
  { field: 'cube', name: SAY.cube, most: 60, rows: 1 },
  { field: 'note', name: SAY.note, most: 2000, rows: 2 },
];
