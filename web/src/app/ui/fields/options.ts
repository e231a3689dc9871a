import { type Colour, COLOURS, type Dialect } from '@sleetcrest/core';
import type { Option } from './choice';
import { SAY } from './words';

/** The colours one may solve first. */
export const FIRST_COLOURS: readonly Option<Colour>[] = COLOURS.map((value) => ({
  value,
  name: value,
}));

/** The ways turns may be written. */
export const DIALECT_OPTIONS: readonly Option<Dialect>[] = [
  { value: 'prime', name: "R'  R2" },
  { value: 'inverse', name: 'Ri  R2' },
  { value: 'words', name: SAY.inWords },
];
