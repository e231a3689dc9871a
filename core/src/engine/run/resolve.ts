import { fail, ok, type Result, STANDARD_SCHEME, UP } from '../../puzzle/cube/index.js';
import {
  type Approach,
  approachById,
  canFollow,
  isSearch,
} from '../../teaching/approaches/index.js';
import { approachesAfter, isLast, type Method } from '../../teaching/methods/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { either } from '../../words/index.js';
import { ApproachError, compileApproach } from './compile.js';
import { SAY } from './words.js';

/** Why an own approach cannot be used, in a sentence that names the case; undefined if it can. */
export function approachProblem(approach: Approach): string | undefined {
  if (isSearch(approach)) return SAY.cannotSearch({ id: approach.id });
  if (approachById(approach.id)) {
    return SAY.idOfBuiltIn({ id: approach.id });
  }
  const ids = approach.cases.map(({ id }) => id);
  const stray = ids.find((id) => !id.startsWith(`${approach.id}/`));
  if (stray !== undefined) return SAY.idMustBegin({ stray, id: approach.id });
  const twice = ids.find((id, k) => ids.indexOf(id) !== k);
  if (twice !== undefined) return SAY.idTwice({ twice });
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
  const { id } = approach;
  if (!before) return SAY.cannotComeFirst({ id, can: either(can) });
  if (can.length === 0) return SAY.nothingLeft({ id, before: before.id });
  return SAY.cannotFollow({ id, before: before.id, can: either(can) });
}

const resolved = new WeakMap<Method, Result<readonly Approach[], string>>();

/**
 * The approaches of a method, in order. Refused with a sentence when one is not known, cannot be
 * used or cannot follow the one before, or when they stop short of a solved cube.
 */
export function resolveMethod(method: Method): Result<readonly Approach[], string> {
  const result = known(method);
  return result.ok ? result : fail(SAY.inMethod({ id: method.id, error: result.error }));
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
    if (!approach) return fail(SAY.noSuchApproach({ id: one as string }));
    const problem =
      (typeof one === 'string' ? undefined : approachProblem(one)) ??
      followProblem(approach, all[all.length - 1]);
    if (problem !== undefined) return fail(problem);
    all.push(approach);
  }
  const last = all[all.length - 1];
  if (!last || !isLast(last)) {
    const next = approachesAfter(last).map((one) => one.id);
    return fail(
      last
        ? SAY.stopsAfter({ last: last.id, next: either(next) })
        : SAY.isEmpty({ next: either(next) }),
    );
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
