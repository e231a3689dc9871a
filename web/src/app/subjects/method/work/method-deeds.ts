import { type Colour, type ColourScheme, type Method, sideOfColour, UP } from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { partFacts } from '@sleetcrest/core/engine/facts';
import { explainFailure, prove, Surveyor } from '@sleetcrest/core/engine/prove';
import { setUpFor } from '@sleetcrest/core/engine/set-up';
import { checkWording } from '@sleetcrest/core/insight/claims';
import { caseBeside, caseCards, casePictures } from '@sleetcrest/core/shown/cases';
import type { Approach } from '@sleetcrest/core/teaching/approaches';

type Report = (done: number, of: number) => void;

const surveyor = new Surveyor(UP, partFacts);
const REPORT_MILLISECONDS = 80;

/** Reports now and then only: each report is a message to the page. */
function seldom(report: Report): Report {
  let last = 0;
  return (done, of) => {
    const now = performance.now();
    if (now - last < REPORT_MILLISECONDS && done < of) return;
    last = now;
    report(done, of);
  };
}

/** What is computed of methods. */
export const methodDeeds = {
  survey: (method: Method, report: Report) => surveyor.survey(method, seldom(report)),

  /** The proof, where it goes wrong on a start that is not solved, and what is said that is not so. */
  prove: (approach: Approach, report: Report) => {
    const proof = prove(approach, UP, seldom(report));
    const failure = proof.unsolved && explainFailure(approach, proof.unsolved);
    // Words are only looked at where the turns do what they say.
    const wording = proof.unsolved ? null : checkWording(approach);
    return { proof, failure, wording };
  },

  cards: (method: Method, firstColour: Colour, scheme: ColourScheme) =>
    caseCards(method, sideOfColour(scheme, firstColour), scheme),

  picture: (caseId: string, method: Method, firstColour: Colour, scheme: ColourScheme) => {
    const approach = approachesOf(method).find(({ cases }) =>
      cases.some(({ id }) => id === caseId),
    );
    const first = sideOfColour(scheme, firstColour);
    return approach ? (casePictures(approach, caseId, method, first, scheme)[0] ?? null) : null;
  },

  setUp: (
    caseId: string,
    method: Method,
    seed: number,
    firstColour: Colour,
    scheme: ColourScheme,
  ) => setUpFor(caseId, method, seed, sideOfColour(scheme, firstColour)),

  beside: (
    caseId: string,
    method: Method,
    seed: number,
    firstColour: Colour,
    scheme: ColourScheme,
  ) => caseBeside(caseId, method, seed, sideOfColour(scheme, firstColour), scheme),
};
