import { type Colour, sideOfColour, STANDARD_SCHEME } from '../../puzzle/cube/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { setUpFor } from '../../engine/set-up/index.js';
import type { PlanTable } from './asked.js';

/** A cube to be prepared for a table's block: the turns that lead to it from a solved one. */
export interface Prepared {
  readonly case: string;
  /** White up and green in front. */
  readonly turns: string;
}

/** A cube for each learner of a table at each case of a block; for two told apart, by turns of each. */
export function preparedFor(
  { learners, slots }: PlanTable,
  block: number,
  method: Method,
  firstColour: Colour,
  seed: number,
): Prepared[] {
  const slot = slots[block];
  if (!slot || slot.kind === 'solve') return [];
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  return learners.flatMap((_, k) => {
    const id = slot.other !== '' && k % 2 === 1 ? slot.other : slot.case;
    const made = setUpFor(id, method, seed + k, first);
    return made.ok ? [{ case: id, turns: made.value.turns }] : [];
  });
}
