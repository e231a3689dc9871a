import { fail, ok, type Result, STANDARD_SCHEME, UP } from '../../puzzle/cube/index.js';
import {
  type Approach,
  approachById,
  canFollow,
  isSearch,
} from '../../teaching/approaches/index.js';
import { approachesAfter, isLast, type Method } from '../../teaching/methods/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { ApproachError, compileApproach } from './compile.js';

/** Why an own approach cannot be used, in a sentence that names the case; undefined if it can. */
export function approachProblem(approach: Approach): string | undefined {
  if (isSearch(approach)) return `${approach.id} cannot search: only built-in approaches can`;
  if (approachById(approach.id)) {
    return `${approach.id} is the id of a built-in approach; give this one an id of its own`;
  }
  const ids = approach.cases.map(({ id }) => id);
  const stray = ids.find((id) => !id.startsWith(`${approach.id}/`));
  if (stray !== undefined) return `${stray}: its id must begin with ${approach.id}/`;
  const twice = ids.find((id, k) => ids.indexOf(id) !== k);
  if (twice !== undefined) return `${twice}: two cases have this id`;
  try {
    compileApproach(approach, UP, STANDARD_SCHEME);
    return undefined;
  } catch (error) {
    if (error instanceof ApproachError) return error.message;
    throw error;
  }
}

function followProblem(approach: Approach, before: Approach | undefined): string | undefined {
  if (canFollow(approach, before?.stage ?? null)) return undefined;
  const can = approachesAfter(before).map(({ id }) => id);
  const instead =
    can.length > 0 ? `here ${can.join(', ')} can stand` : 'nothing is left to do there';
  return before
    ? `${approach.id} cannot follow ${before.id}; ${instead}`
    : `${approach.id} cannot come first; ${instead}`;
}

const resolved = new WeakMap<Method, Result<readonly Approach[], string>>();

/**
 * The approaches of a method, in order. Refused with a sentence when one is not known, cannot be
 * used or cannot follow the one before, or when they stop short of a solved cube.
 */
export function resolveMethod(method: Method): Result<readonly Approach[], string> {
  const result = known(method);
  return result.ok ? result : fail(`method ${method.id}: ${result.error}`);
}

/** Why a method cannot be used as it stands, in a sentence that does not name it; undefined where it can. */
export function methodProblem(method: Method): string | undefined {
  const result = known(method);
  return result.ok ? undefined : result.error;
}

function known(method: Method): Result<readonly Approach[], string> {
  let result = resolved.get(method);
  if (!result) resolved.set(method, (result = resolve(method)));
  return result;
}

function resolve({ approaches }: Method): Result<readonly Approach[], string> {
  const all: Approach[] = [];
  for (const one of approaches) {
    const approach = typeof one === 'string' ? approachById(one) : one;
    if (!approach) return fail(`no approach is called ${one as string}`);
    const problem =
      (typeof one === 'string' ? undefined : approachProblem(one)) ??
      followProblem(approach, all[all.length - 1]);
    if (problem !== undefined) return fail(problem);
    all.push(approach);
  }
  const last = all[all.length - 1];
  if (!last || !isLast(last)) {
    const next = approachesAfter(last).map((one) => one.id);
    const after = last ? `stops after ${last.id}` : 'is empty';
    return fail(`it ${after}; next there must be ${next.join(' or ')}`);
  }
  return ok(all);
}

/** The approaches of a method, in order; none for one that is not whole. */
export function approachesOf(method: Method): readonly Approach[] {
  const approaches = resolveMethod(method);
  return approaches.ok ? approaches.value : [];
}

/** The stages a method goes through, in order; none for one that is not whole. */
export const stagesOf = (method: Method): Stage[] => approachesOf(method).map(({ stage }) => stage);
