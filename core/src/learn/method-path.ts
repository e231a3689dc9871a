import { isSearch, type Case } from '../approaches/approach.js';
import { countTurns } from '../notation/moves.js';
import { readMoves } from '../notation/read.js';
import { ok, type Result } from '../result.js';
import { resolveMethod } from '../methods/resolve.js';
import type { MethodSurvey } from '../methods/survey.js';
import type { Method } from '../methods/walkthrough.js';
import { stagePath, type PathStage } from './path.js';

/** The path of a method, stage by stage, from its survey. */
export function methodPath(method: Method, survey: MethodSurvey): Result<PathStage[], string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  return ok(
    approaches.value.map((approach, k) => {
      const chances = new Map(survey.stages[k]!.cases.map((one) => [one.case, one.chance]));
      const turnsOf = (id: string): { sequence: string; turns: number } => {
        if (isSearch(approach)) return { sequence: '', turns: 0 };
        return turnsIn(approach.cases.find((one) => one.id === id)!);
      };
      return stagePath(approach, chances, turnsOf);
    }),
  );
}

/** The sequence of a case, once, and how many turns it has. */
function turnsIn({ sequence }: Case): { sequence: string; turns: number } {
  const moves = readMoves(sequence);
  return { sequence, turns: moves.ok ? countTurns(moves.value) : 0 };
}

/** To be raised when the same method gives another path, so that kept ones are made anew. */
export const PATH_VERSION = 1;
