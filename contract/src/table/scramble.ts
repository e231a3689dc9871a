import { readMoves } from '@sleetcrest/core';
import { line } from '../documents/text.js';
import { SAY } from './words.js';

/** Turns that mix a cube, as they are set or shown to learners: read, and not only text. */
export const scrambleSchema = line({ most: 400 }).refine((given) => {
  const read = readMoves(given);
  return read.ok && read.value.length > 0;
}, SAY.turnsNeeded);
