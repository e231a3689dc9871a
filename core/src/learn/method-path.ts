import { isSearch, type Case } from '../approaches/approach.js';
import { countTurns } from '../notation/moves.js';
import { readMoves } from '../notation/read.js';
import { ok, type Result } from '../result.js';
import { resolveMethod } from '../methods/resolve.js';
import type { MethodSurvey } from '../methods/survey.js';
import type { Method } from '../methods/walkthrough.js';
import { stagePath, type PathCase, type PathStage } from './path.js';

/** The path of a method, stage by stage, from its survey. */
export function methodPath(method: Method, survey: MethodSurvey): Result<PathStage[], string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  return ok(
    approaches.value.map((approach, k) => {
      const chances = new Map(survey.stages[k]!.cases.map((one) => [one.case, one.chance]));
      const turnsOf = (id: string): Turned => {
        if (isSearch(approach)) return { sequence: '', turns: 0, drill: '' };
        return turnsIn(approach.cases.find((one) => one.id === id)!);
      };
      return stagePath(approach, chances, turnsOf);
    }),
  );
}

type Turned = Pick<PathCase, 'sequence' | 'turns' | 'drill'>;

/** Fewer turns than this are no sequence to be known by heart. */
const LEAST_DRILLED = 3;

/** The sequence of a case, once, and how many turns it has. */
function turnsIn({ sequence }: Case): Turned {
  const moves = readMoves(sequence);
  const turns = moves.ok ? countTurns(moves.value) : 0;
  return { sequence, turns, drill: turns < LEAST_DRILLED ? '' : sequence };
}

/** To be raised when the same method gives another path, so that kept ones are made anew. */
export const PATH_VERSION = 2;
