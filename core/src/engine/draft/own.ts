import {
  type Approach,
  type Case,
  isSearch,
  type PatternApproach,
} from '../../teaching/approaches/index.js';
import { freeId } from './ids.js';
import { SAY } from './words.js';

/** An approach as one's own: the same cases under an id that is not taken. */
export function ownCopy(
  approach: Approach,
  taken: (id: string) => boolean,
): PatternApproach | undefined {
  if (isSearch(approach)) return undefined;
  const id = freeId(`my-${approach.id}`, taken);
  const cases = approach.cases.map((one) => ({
    ...one,
    id: `${id}/${one.id.slice(one.id.indexOf('/') + 1)}`,
  }));
  // Its short title is the built-in one's; one's own is known by its whole title.
  const { short: _, ...rest } = approach;
  return { ...rest, id, title: SAY.myWay({ title: approach.title }), cases };
}

/** An empty approach that does what another one does. */
export function emptyApproach(
  { stage, after, up }: Approach,
  taken: (id: string) => boolean,
): PatternApproach {
  const id = freeId(`my-${stage}`, taken);
  const summary = SAY.anApproachOfMyOwn;
  return { id, title: SAY.myOwnApproach, stage, after, up, summary, cases: [newCase(id, [])] };
}

/** A case in which nothing is asked for yet. */
export function newCase(approachId: string, cases: readonly Case[]): Case {
  const id = freeId(`${approachId}/case`, (one) => cases.some((other) => other.id === one));
  return {
    id,
    title: SAY.newCase,
    seen: {},
    pieces: [],
    sequence: '',
    look: SAY.lookAtIt,
    why: SAY.sayWhy,
  };
}
