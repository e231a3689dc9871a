import { knownSurvey } from '../../engine/facts/index.js';
import { ok, type Result } from '../../puzzle/cube/index.js';
import { countTurns, readMoves } from '../../puzzle/notation/index.js';
import { type Approach, isSearch } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import type { MethodSurvey } from '../../engine/prove/index.js';
import { resolveMethod } from '../../engine/run/index.js';
import { type PathCase, type PathStage, stagePath } from './path.js';

/** The path of a method, stage by stage, from its survey. */
export function methodPath(method: Method, survey: MethodSurvey): Result<PathStage[], string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  return ok(
    approaches.value.map((approach, k) => {
      const chances = new Map(survey.stages[k]!.cases.map((one) => [one.case, one.chance]));
      return stagePath(approach, chances, (id) => drilled(approach, id));
    }),
  );
}

/** The path of a method of built-in approaches alone, from facts; undefined of others. */
export function knownPath(method: Method): readonly PathStage[] | undefined {
  const survey = knownSurvey(method);
  const path = survey && methodPath(method, survey);
  return path?.ok ? path.value : undefined;
}

/** Fewer turns than this are no sequence to be known by heart. */
const LEAST_DRILLED = 3;

/** What the hands learn of a case: its sequence, once, and how many turns it has. */
export type Drilled = Pick<PathCase, 'sequence' | 'turns' | 'drill'>;

/** What the hands learn of a case of an approach; nothing where turns are searched for. */
export function drilled(approach: Approach, id: string): Drilled {
  const one = isSearch(approach) ? undefined : approach.cases.find((each) => each.id === id);
  if (!one) return { sequence: '', turns: 0, drill: '' };
  const moves = readMoves(one.sequence);
  const turns = moves.ok ? countTurns(moves.value) : 0;
  return { sequence: one.sequence, turns, drill: turns < LEAST_DRILLED ? '' : one.sequence };
}

/** To be raised when the same method gives another path, so that kept ones are made anew. */
export const PATH_VERSION = 5;
