import type { Cube, Hold, Method, Side } from '@sleetcrest/core';
import type { Sight } from '@sleetcrest/core/insight/glance';
import type { PathStage } from '@sleetcrest/core/learner/path';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { learnDeeds } from '../../subjects/practice/work/learn-deeds';
import { aSurvey } from '../../subjects/method/work/work.spec-support';

/** Paths take seconds and are the same for every spec. */
const paths = new Map<string, readonly PathStage[]>();

/** Stands for the workers of learning: the same functions, called here. */
export class FakeLearningWork {
  path = async (method: Method) => {
    const known = paths.get(method.id);
    if (known) return known;
    const path = learnDeeds.path(method, aSurvey(method));
    if (!path.ok) throw new Error(path.error);
    paths.set(method.id, path.value);
    return path.value;
  };
  show = async (id: string, method: Method, first: Side, seed: number) => {
    const shown = learnDeeds.show(id, method, first, seed);
    if (!shown.ok) throw new Error(shown.error);
    return shown.value;
  };
  setUp = async (id: string, method: Method, first: Side, seed: number) => {
    const made = learnDeeds.setUp(id, method, first, seed);
    if (!made.ok) throw new Error(made.error);
    return made.value;
  };
  wrongTurn = async (...given: Parameters<typeof learnDeeds.wrongTurn>) =>
    learnDeeds.wrongTurn(...given);
  tellingStickers = async (...given: Parameters<typeof learnDeeds.tellingStickers>) =>
    learnDeeds.tellingStickers(...given);
  cameOut = async (...given: Parameters<typeof learnDeeds.cameOut>) => learnDeeds.cameOut(...given);
  firstSteps = async (...given: Parameters<typeof learnDeeds.firstSteps>) =>
    learnDeeds.firstSteps(...given);
  picture = (...given: Parameters<typeof learnDeeds.picture>) => learnDeeds.picture(...given);
  glance = async (approach: Approach, sight: Sight) => learnDeeds.glance(approach, sight);
  glanceFigures = async (approach: Approach, sight: Sight) =>
    learnDeeds.glanceFigures(approach, sight);
  apart = async (approach: Approach, cube: Cube, hold: Hold, said: string) =>
    learnDeeds.apart(approach, cube, hold, said);
}
