import type { Approach } from './approach.js';
import { cornersRepeat } from './corners-repeat.js';
import { daisy } from './daisy.js';
import { daisyCross } from './daisy-cross.js';
import { edgesMatch } from './edges-match.js';
import { middleTurn } from './middle-turn.js';
import { placeLeft } from './place-left.js';
import { turnUnder } from './turn-under.js';
import { ycrossRepeat } from './ycross-repeat.js';

/** Every built-in approach, in the order of the stages. */
export const APPROACHES: readonly Approach[] = [
  daisy,
  daisyCross,
  cornersRepeat,
  middleTurn,
  ycrossRepeat,
  edgesMatch,
  placeLeft,
  turnUnder,
];

export const approachById = (id: string): Approach | undefined =>
  APPROACHES.find((approach) => approach.id === id);
