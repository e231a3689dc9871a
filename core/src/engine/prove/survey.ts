import { type Hold, ok, type Result, type Side, UP } from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import { PartSurveyor } from './part-survey.js';
import { partsOf } from './parts.js';
import type { Method } from '../../teaching/methods/index.js';
import {
  type Distribution,
  type OnProgress,
  type PartSurvey,
  resolveMethod,
  type StageSurvey,
  together,
} from '../run/index.js';

/** What a method costs over all cubes, each equally likely. */
export interface MethodSurvey {
  method: string;
  turns: Distribution;
  stages: StageSurvey[];
}

/**
 * Surveys whole methods, keeping what stages of the same approaches share. Everything is exact:
 * every start of every stage counts, none is drawn. A survey by `pairs` takes some ten seconds,
 * any other one or two; it belongs in a worker.
 */
export class Surveyor {
  private readonly parts: PartSurveyor;

  constructor(
    private readonly first: Side = UP,
    /** What is known already of a part from a hold, so that it need not be counted. */
    private readonly known: KnownParts = () => undefined,
  ) {
    this.parts = new PartSurveyor(first);
  }

  /** The survey of a method; refused with a sentence where it does not solve every cube. */
  survey(method: Method, report: OnProgress = () => undefined): Result<MethodSurvey, string> {
    const approaches = resolveMethod(method);
    if (!approaches.ok) return approaches;
    const stages: StageSurvey[] = [];
    let turns: Distribution = [1];
    const parts = partsOf(approaches.value, this.first);
    for (const [k, { approaches: part, before }] of parts.entries()) {
      const known = this.known(part, before);
      const one = known
        ? ok(known)
        : this.parts.survey(part, before, (done, of) =>
            report(Math.round((k + done / of) * 1000), parts.length * 1000),
          );
      if (!one.ok) return one;
      stages.push(...one.value.stages);
      turns = together(turns, one.value.turns);
    }
    report(1, 1);
    return ok({ method: method.id, turns, stages });
  }
}

/** What is known of a part of a solve that is begun in a hold; undefined where nothing is. */
export type KnownParts = (part: readonly Approach[], before: Hold) => PartSurvey | undefined;

/** To be raised when the same approaches give another survey, so that kept ones are made anew. */
export const SURVEY_VERSION = 1;
