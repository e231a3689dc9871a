import type { Cube, Hold } from '../../puzzle/cube/index.js';
import { casesIn, followGlance, type Looked, roleSeen } from './follow.js';
import type { GlancePlan } from './plan.js';

/** What was to be looked at on a cube, and which of it says that it is not what was said. */
export interface ToldApart {
  readonly looked: readonly Looked[];
  /** The look after which the case that was said cannot be any more; −1 if none rules it out. */
  readonly rulesOut: number;
}

/** Goes through a plan on a cube: where it says that the case is not the one that was said. */
export function toldApart(plan: GlancePlan, cube: Cube, hold: Hold, said: string): ToldApart {
  const { looked } = followGlance(plan, (look) =>
    'sticker' in look ? roleSeen(cube, hold, look.sticker, plan.up === 'first') : '',
  );
  return { looked, rulesOut: looked.findIndex(({ then }) => !casesIn(then).includes(said)) };
}
