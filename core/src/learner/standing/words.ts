import type { Standing } from './standing.js';

/** In words, as it is read and heard. */
export const STANDING_WORDS: Record<Standing, string> = {
  new: 'not yet',
  begun: 'begun',
  known: 'known',
  sure: 'sure',
  slipping: 'slipping',
};
