import { SAY } from './said.js';

/** In words, as it is read and heard. */
export const STANDING_WORDS = SAY;
