import { type Hold, HOME_HOLD, opposite, type Side, turnedOver } from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import { partOf, type StagePart } from '../../teaching/stages/index.js';

/**
 * Parts a method where what comes after does not depend on what went before.
 *
 * The first cross is made by looking at its four edges alone. Whatever turns that took, the corners
 * of the first layer then stand in any of their 136,080 ways equally likely, since those edges say
 * nothing of them; and so do the middle edges after them, and the last layer after those. So the
 * cross, the corners, the middle and the last layer are independent, and their turns add up as
 * independent numbers do. Within the cross (a daisy decides how it comes down) and within the last
 * layer (a cross turned up decides which corners are met) stages depend on each other: those are
 * run through together from every start.
 */
export function independentGroups(approaches: readonly Approach[]): Approach[][] {
  const groups = new Map<StagePart, Approach[]>();
  for (const approach of approaches) {
    const part = partOf(approach.stage);
    groups.set(part, [...(groups.get(part) ?? []), approach]);
  }
  return [...groups.values()];
}

/** A part of a solve, and how the cube is held as it begins. */
export interface Part {
  readonly approaches: readonly Approach[];
  readonly before: Hold;
}

/** The independent parts of a method, in order, each with the hold the one before ends in. */
export function partsOf(approaches: readonly Approach[], first: Side): Part[] {
  let hold = HOME_HOLD;
  return independentGroups(approaches).map((part) => {
    const before = hold;
    const { up } = part.at(-1)!;
    hold = turnedOver(hold, up === 'first' ? first : opposite(first));
    return { approaches: part, before };
  });
}
