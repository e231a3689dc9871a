import {
  type ColourScheme,
  type Cube,
  type Hold,
  type Method,
  randomFrom,
  type Side,
  SIDES,
  solvedCube,
  writeMoves,
} from '@sleetcrest/core';
import type { MethodSurvey } from '@sleetcrest/core/engine/prove';
import { setUpFor } from '@sleetcrest/core/engine/set-up';
import {
  casesIn,
  gaze,
  glancePlan,
  type GlancePlan,
  knownGlance,
  type Look,
  proveGlance,
  type Sight,
  toldApart,
} from '@sleetcrest/core/insight/glance';
import { paintedPicture } from '@sleetcrest/core/insight/patterns';
import { tellWrongTurn } from '@sleetcrest/core/insight/slips';
import {
  cameOut,
  caseStep,
  type Done,
  showCase,
  tellingStickers,
} from '@sleetcrest/core/learner/exercises';
import { methodPath } from '@sleetcrest/core/learner/path';
import { fewestTo, type FirstGoal, reachedOf, wayBetween } from '@sleetcrest/core/puzzle/search';
import { type Approach, approachById, isSearch } from '@sleetcrest/core/teaching/approaches';
import { wayTables } from '../../../base/work/way-tables';
import { SAY } from './words';

/** One thing that was to be looked at, what was seen there, and the cases that leaves. */
export interface LookedAt {
  readonly look: Look;
  readonly seen: string;
  readonly leaves: readonly string[];
}

/** Looks to decide, on average and at most, and what they do not tell. */
export interface GlanceFigures extends Pick<
  GlancePlan,
  'mean' | 'worst' | 'atLeast' | 'open' | 'alike'
> {
  /** Whether every start was done by the plan, on real cubes; null where turns are searched for. */
  readonly walked: boolean | null;
}

const plans = new Map<string, Promise<GlancePlan>>();

/** The plan of an approach, known or made once: own approaches may change under the same id. */
function planOf(asked: Approach | string, sight: Sight): Promise<GlancePlan> {
  const key = `${sight} ${JSON.stringify(asked)}`;
  let plan = plans.get(key);
  if (!plan) plans.set(key, (plan = planned(asked, sight)));
  return plan;
}

async function planned(asked: Approach | string, sight: Sight): Promise<GlancePlan> {
  const approach = builtIn(asked);
  return (await knownGlance(approach, sight)) ?? glancePlan(gaze(approach), sight);
}

/** What was handed to this worker is a copy: one that says what a built-in one says is that one. */
function builtIn(asked: Approach | string): Approach {
  if (typeof asked === 'string') return approachById(asked)!;
  const known = approachById(asked.id);
  return known && JSON.stringify(known) === JSON.stringify(asked) ? known : asked;
}

/** What is computed for learning. */
export const learnDeeds = {
  path: (method: Method, survey: MethodSurvey) => methodPath(method, survey),

  show: (caseId: string, method: Method, first: Side, seed: number) => {
    const shown = showCase(caseId, method, first, randomFrom(seed));
    if (!shown.ok) return shown;
    const step = caseStep(shown.value, caseId, method, first);
    if (!step) return { ok: false as const, error: SAY.doesNotWaitThere({ caseId }) };
    return { ok: true as const, value: { ...shown.value, ...step } };
  },

  /** A cube on which a case waits that is soon made from a solved one, and how it is done. */
  setUp: (caseId: string, method: Method, first: Side, seed: number) => {
    const made = setUpFor(caseId, method, seed, first);
    if (!made.ok) return made;
    const step = caseStep(made.value, caseId, method, first);
    if (!step) return { ok: false as const, error: SAY.doesNotWaitThere({ caseId }) };
    return { ok: true as const, value: { ...made.value, ...step } };
  },

  wrongTurn: tellWrongTurn,

  /** Stickers that tell how a case came out, numbered in the hold. */
  tellingStickers: (done: Done, method: Method, first: Side) =>
    tellingStickers(done, method, first),

  /** How it came out by the stickers seen, −1 where not. */
  cameOut: (
    done: Done,
    method: Method,
    first: Side,
    seen: readonly number[],
    scheme: ColourScheme,
  ) => cameOut(done, method, first, Int8Array.from(seen), scheme),

  /** How far planned turns get, and the fewest there are, for each first colour. */
  firstSteps: (goal: FirstGoal, before: Cube, after: Cube, first: Side) => ({
    reached: reachedOf(goal, after, first),
    fewest: SIDES.map((side) => fewestTo(goal, before, side)),
  }),

  /** Whether turns lead to a picture, and few that do; or why not, and to the nearest. */
  async picture(painted: readonly number[], scheme: ColourScheme) {
    const found = paintedPicture(Int8Array.from(painted), scheme);
    const cube = found.possible ? found.cube : found.nearest;
    const turns = writeMoves(wayBetween(await wayTables(), solvedCube(), cube));
    return { found, turns };
  },

  glance: planOf,

  /** What a plan comes to, without its tree. */
  glanceFigures: async (approach: Approach, sight: Sight): Promise<GlanceFigures> => {
    const plan = await planOf(approach, sight);
    const { mean, worst, atLeast, open, alike } = plan;
    const isWhole = !isSearch(approach) && open === 0;
    const walked = isWhole ? proveGlance(approach, plan).unsolved === null : null;
    return { mean, worst, atLeast, open, alike, walked };
  },

  /** What was to be looked at on a cube; which look rules out what was said, −1 if none does. */
  apart: async (approach: Approach, cube: Cube, hold: Hold, said: string) => {
    const { looked, rulesOut } = toldApart(await planOf(approach, 'around'), cube, hold, said);
    const all = looked.map(({ look, seen, then }): LookedAt => ({
      look,
      seen,
      leaves: casesIn(then),
    }));
    return { looked: all, rulesOut };
  },
};
