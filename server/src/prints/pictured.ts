import { type Method, type Side, sideOfColour, STANDARD_SCHEME, SWATCHES } from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import { casePictures } from '@sleetcrest/core/shown/cases';
import { crownSvg, type Ink } from '@sleetcrest/core/shown/drawing';
import type { Approach, CaseWords } from '@sleetcrest/core/teaching/approaches';
import type { Content } from 'pdfmake/interfaces.js';
import { inkOf } from '../handouts/content.js';
import type { PageAsked } from './asked.js';

/** Points across of a picture beside a line of text. */
const SMALL = 34;

/** What is printed for a group is in colour: it is for one learner each, not for a copier. */
export const INK: Ink = inkOf({ ink: 'colour', swatches: SWATCHES });

/** The side whose colour is the group's first. */
export const firstSide = ({ firstColour }: PageAsked): Side =>
  sideOfColour(STANDARD_SCHEME, firstColour);

/** A case of a method with the approach it belongs to; undefined where the method has none of that id. */
export function caseOf(
  method: Method,
  id: string,
): { approach: Approach; one: CaseWords } | undefined {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return undefined;
  for (const approach of approaches.value) {
    const one = approach.cases.find((each) => each.id === id);
    if (one) return { approach, one };
  }
  return undefined;
}

/** A case as it is named in a list: its small picture, and its title beside it. */
export function caseNamed(asked: PageAsked, id: string, title: string): Content {
  const found = caseOf(asked.method, id);
  if (!found) return title;
  const pictures = casePictures(
    found.approach,
    id,
    asked.method,
    firstSide(asked),
    STANDARD_SCHEME,
  );
  return {
    columns: [
      { svg: crownSvg(pictures[0]!, INK), width: SMALL, fit: [SMALL, SMALL] },
      { text: title, width: '*', margin: [0, SMALL / 3, 0, 0] },
    ],
    columnGap: 8,
    margin: [0, 2, 0, 2],
  };
}
