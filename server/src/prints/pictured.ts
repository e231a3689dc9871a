import {
  type Colour,
  type Method,
  type Side,
  sideOfColour,
  STANDARD_SCHEME,
  SWATCHES,
} from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { casePictures } from '@sleetcrest/core/shown/cases';
import { crownSvg, type Ink } from '@sleetcrest/core/shown/drawing';
import {
  type Approach,
  APPROACHES,
  caseTitle,
  type CaseWords,
} from '@sleetcrest/core/teaching/approaches';
import type { Content } from 'pdfmake/interfaces.js';
import { inkOf } from '../handouts/content.js';
import type { PageAsked } from './asked.js';
import { SAY } from './words.js';

/** Points across of a picture beside a line of text. */
const SMALL = 34;

/** What is printed for a group is in colour: it is for one learner each, not for a copier. */
export const INK: Ink = inkOf({ ink: 'colour', swatches: SWATCHES });

/** The side whose colour is the group's first. */
export const firstSide = ({ firstColour }: PageAsked): Side =>
  sideOfColour(STANDARD_SCHEME, firstColour);

/** A case with the approach it belongs to. */
interface Found {
  approach: Approach;
  one: CaseWords;
}

/**
 * A case of a method, else of a built-in approach: what was set before the group took up another method is
 * still named. Undefined where there is none of that id any more.
 */
export function caseOf(method: Method, id: string): Found | undefined {
  for (const approach of [...approachesOf(method), ...APPROACHES]) {
    const one = approach.cases.find((each) => each.id === id);
    if (one) return { approach, one };
  }
  return undefined;
}

/** What a case is called in the colours of a group. */
export function caseCalled(method: Method, firstColour: Colour, id: string): string {
  const found = caseOf(method, id);
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  return found ? caseTitle(found.one, first, STANDARD_SCHEME) : SAY.caseGone;
}

/** A case as it is named in a list: its small picture, and its title beside it. */
export function caseNamed(asked: PageAsked, id: string): Content {
  const { method, firstColour } = asked;
  const title = caseCalled(method, firstColour, id);
  const found = caseOf(method, id);
  if (!found) return title;
  const first = firstSide(asked);
  const pictures = casePictures(found.approach, id, method, first, STANDARD_SCHEME);
  return {
    columns: [
      { svg: crownSvg(pictures[0]!, INK), width: SMALL, fit: [SMALL, SMALL] },
      { text: title, width: '*', margin: [0, SMALL / 3, 0, 0] },
    ],
    columnGap: 8,
    margin: [0, 2, 0, 2],
  };
}
