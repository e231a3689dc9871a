import type { Inks } from './inks';

/** Each colour by its own name, so that a spec sees which was used. */
export const SOME_INKS: Inks = {
  text: 'text',
  quiet: 'quiet',
  line: 'line',
  accent: 'accent',
  band: 'band',
  done: 'done',
  before: 'before',
  surface: 'surface',
  trouble: 'trouble',
};
