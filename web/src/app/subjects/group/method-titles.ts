import {
  type Colour,
  DEFAULT_METHOD,
  type Method,
  methodOf,
  type Side,
  sideOfColour,
  STAGES,
  stageWords,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { approachById, caseTitle } from '@sleetcrest/core/teaching/approaches';
import { SAY } from './words';

/** What each stage, and each case of a method, is called: a coach’s own ones too. */
export function methodTitles(
  chosen: string | Method,
  firstColour: Colour = 'white',
): (id: string) => string {
  const method = methodOf(chosen) ?? DEFAULT_METHOD;
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  const titles = new Map<string, string>([
    ...STAGES.map((stage): [string, string] => [
      stage,
      stageWords(stage, first, STANDARD_SCHEME).title,
    ]),
    ...approachesOf(method).flatMap(({ cases }) =>
      cases.map((one): [string, string] => [one.id, caseTitle(one, first, STANDARD_SCHEME)]),
    ),
  ]);
  return (id) => titles.get(id) ?? builtIn(id, first) ?? SAY.aCaseThatIsNot;
}

/** A case of another approach than the method has, such as one that was set before it was changed. */
function builtIn(id: string, first: Side): string | undefined {
  const approach = approachById(id.slice(0, id.indexOf('/')));
  const one = approach?.cases.find((each) => each.id === id);
  return one && caseTitle(one, first, STANDARD_SCHEME);
}
