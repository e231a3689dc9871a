import type { SavedMethod } from '@sleetcrest/contract';
import { type Method, methodById, shortTitle } from '@sleetcrest/core';
import { freeId, idOf } from '@sleetcrest/core/engine/draft';
import {
  type Approach,
  approachById,
  canFollow,
  type PatternApproach,
} from '@sleetcrest/core/teaching/approaches';
import { complete } from '@sleetcrest/core/teaching/methods';
import { SAY } from './words';

/** A method as it is being worked on. */
export type Draft = SavedMethod['method'];

/** A copy of a method under a name and id of its own, to be changed. */
export function copyOf(method: Method, taken: ReadonlySet<string>): Draft {
  const title = SAY.myWay({ method: shortTitle(method) }).slice(0, 120);
  const id = freeId(idOf(title), (one) => methodById(one) !== undefined || taken.has(one));
  return structuredClone({ ...method, id, title }) as Draft;
}

/** The approaches of a draft; those that are not known are left out. */
export const draftApproaches = ({ approaches }: Method): (Approach | undefined)[] =>
  approaches.map((one) => (typeof one === 'string' ? approachById(one) : one));

/** The draft with another approach at `index`, and what follows made to fit. */
export function withApproach(draft: Draft, index: number, next: Approach | string): Draft {
  const chosen = typeof next === 'string' ? approachById(next) : next;
  if (!chosen) return draft;
  const approaches = draftApproaches(draft);
  const kept = approaches.slice(0, index).filter((one) => one !== undefined);
  const after = approaches.slice(index).filter((one) => one !== undefined);
  const all = [...kept, chosen];
  for (let last: Approach | undefined = chosen; last;) {
    const { stage }: Approach = last;
    last = after.find((one) => canFollow(one, stage));
    if (last) all.push(last);
  }
  return withApproaches(draft, complete(all));
}

/** The draft with these approaches: built-in ones by id, others written out. */
export function withApproaches(draft: Draft, approaches: readonly Approach[]): Draft {
  return {
    ...draft,
    approaches: approaches.map((one) =>
      approachById(one.id) === one ? one.id : (structuredClone(one) as PatternApproach),
    ),
  };
}

/** Whether an id is that of one of the draft's own approaches. */
export const isTaken =
  ({ approaches }: Draft) =>
  (id: string): boolean =>
    approaches.some((own) => typeof own !== 'string' && own.id === id);
